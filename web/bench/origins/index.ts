import type { ComponentType } from 'react';
import type { FiguresDefinition } from '../../../core/origins';
import { ConstantFields } from './ConstantFields';
import { FormulaFields } from './FormulaFields';
import { MeasureFields } from './MeasureFields';
import type { OriginFieldsProps } from './originFields';
import { RowsFields } from './RowsFields';

/** The fields of each kind of origin. A new kind is a line here. */
export const originFields: {
  [Kind in FiguresDefinition['kind']]: ComponentType<OriginFieldsProps<Kind>>;
} = {
  rows: RowsFields,
  measure: MeasureFields,
  formula: FormulaFields,
  constant: ConstantFields,
};
export type { OriginFieldsProps };
