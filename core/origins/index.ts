import { lazy } from 'yup';
import { ofKind } from '../sentences';
import { type DefinitionOf, registry } from '../registry';
import { origins } from './kinds';
import type { MeasureAsked, OriginKind, RowsAsked } from './origin';

/** Where a series' figures come from. */
export type FiguresDefinition = DefinitionOf<(typeof origins)[number]>;
export type { ConstantFigures } from './constant';
export type { FormulaFigures } from './formula';
export type { MeasureFigures } from './measure';
export type { MeasureAsked, RowsAsked, Ways } from './origin';
export type { RowsFigures } from './rows';

const {
  kinds: originKinds,
  of: originKind,
  schemaFor,
} = registry<OriginKind<FiguresDefinition>>('origin of figures', origins);
export { originKind, originKinds };

/** Where figures come from, in a sentence. */
export const figuresEntry = ofKind<FiguresDefinition>(originKinds);

/** Figures that say nothing of where they come from are those of rows. */
export const figuresSchema = lazy((value: Partial<FiguresDefinition> | undefined) =>
  schemaFor({ ...value, kind: value?.kind ?? 'rows' }),
);

/** The rows that figures are aggregated from; null where they come from none. */
export const rowsOf = (figures: FiguresDefinition): RowsAsked | null =>
  originKind(figures).rows?.(figures) ?? null;

/** The measure that figures stand for; null where it is none. */
export const measureOf = (figures: FiguresDefinition): MeasureAsked | null =>
  originKind(figures).measure?.(figures) ?? null;

/** The formula that figures are worked out by; null where there is none. */
export const formulaOf = (figures: FiguresDefinition): string | null =>
  originKind(figures).formula?.text(figures) ?? null;

/** Figures worked out by another formula; those that are worked out by none stay what they are. */
export const withFormula = (figures: FiguresDefinition, text: string): FiguresDefinition =>
  originKind(figures).formula?.with(figures, text) ?? figures;

/** The source that figures come from; null for what is worked out or constant. */
export const sourceOfFigures = (figures: FiguresDefinition): number | null =>
  (rowsOf(figures) ?? measureOf(figures))?.sourceId ?? null;
