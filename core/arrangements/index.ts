import { lazy, mixed } from 'yup';
import type {
  Arranged,
  ArrangedPanel,
  ArrangementKind,
  ArrangementSetting,
  AxisKind,
  CalendarLines,
  Line,
  PeriodChoice,
  Position,
} from './arrangement';
import { type One, one } from './one';
import { type Panels, panels } from './panels';
import { type Slope, slope } from './slope';
import { type Sparkline, sparkline } from './sparkline';
import { type Years, years } from './years';

/** How the lines of a chart are laid on positions and gathered into panels. */
export type ArrangementDefinition = One | Panels | Years | Slope | Sparkline;
export type {
  Arranged,
  ArrangedPanel,
  ArrangementKind,
  ArrangementSetting,
  AxisKind,
  CalendarLines,
  Line,
  PeriodChoice,
  Position,
};

/** All kinds, in the order in which they are offered. */
export const arrangementKinds = [
  one,
  panels,
  years,
  slope,
  sparkline,
] as unknown as readonly ArrangementKind<ArrangementDefinition>[];

/** The kind of an arrangement: its schema, its words and how it lays lines. */
export const arrangementKind = ({ kind }: Pick<ArrangementDefinition, 'kind'>) =>
  arrangementKinds.find((each) => each.kind === kind) as ArrangementKind<ArrangementDefinition>;

export const arrangementSchema = lazy(
  (value: ArrangementDefinition | undefined) =>
    arrangementKinds.find(({ kind }) => kind === value?.kind)?.schema ??
    mixed<ArrangementDefinition>().test('kind', 'There is no such arrangement.', () => false),
);
