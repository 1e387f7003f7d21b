import { ofKind } from '../sentences';
import { type DefinitionOf, registry } from '../registry';
import type {
  Arranged,
  ArrangedPanel,
  ArrangementKind,
  AxisKind,
  CalendarLines,
  Line,
  PeriodChoice,
  Position,
} from './arrangement';
import { one } from './one';
import { panels } from './panels';
import { slope } from './slope';
import { sparkline } from './sparkline';
import { years } from './years';

export type {
  Arranged,
  ArrangedPanel,
  ArrangementKind,
  AxisKind,
  CalendarLines,
  Line,
  PeriodChoice,
  Position,
};

const all = [one, panels, years, slope, sparkline];

/** How the lines of a chart are laid on positions and gathered into panels. */
export type ArrangementDefinition = DefinitionOf<(typeof all)[number]>;

export const {
  kinds: arrangementKinds,
  of: arrangementKind,
  schema: arrangementSchema,
} = registry<ArrangementKind<ArrangementDefinition>>('arrangement', all);

/** How a chart is arranged, in a sentence. */
export const arrangementEntry = ofKind<ArrangementDefinition>(arrangementKinds);
