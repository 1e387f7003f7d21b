import type { ComponentType } from 'react';
import type { FiguresDefinition } from '../../../core/origins';
import { FormulaFields } from './FormulaFields';
import { MeasureFields } from './MeasureFields';
import type { OriginFieldsProps } from './originFields';
import { RowsFields } from './RowsFields';

/** The fields of origins that take more than their sentence says. */
export const originFields: {
  [Kind in FiguresDefinition['kind']]?: ComponentType<OriginFieldsProps<Kind>>;
} = {
  rows: RowsFields,
  measure: MeasureFields,
  formula: FormulaFields,
};
export type { OriginFieldsProps };
