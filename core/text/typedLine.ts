import type {
  ChartFilter,
  ColourRuleDefinition,
  SeriesDefinition,
  StandoutDefinition,
  StyledYardstick,
} from '../chart';
import type { DialDefinition } from '../dials';
import type { Entry } from '../sentences';
import {
  dialLine,
  filterLine,
  ruleLine,
  standoutLine,
  yardstickAlone,
  yardstickLine,
} from './lines';
import { type Look, lookLines } from './lookLines';
import { type Head, headLine, type MarkLine, markLine, seriesLine } from './seriesLine';

/** What a line of a chart's text can say. */
export interface Sayable {
  series: SeriesDefinition;
  mark: MarkLine;
  /** under a name that the line gives */
  yardstick: StyledYardstick;
  /** one that the line gives no name */
  yardstickAlone: StyledYardstick;
  colourRule: ColourRuleDefinition;
  standout: StandoutDefinition;
  dial: DialDefinition;
  filter: ChartFilter;
  head: Head;
  look: Look;
}

const entries: { [Of in keyof Sayable]: Entry<Sayable[Of]> } = {
  yardstickAlone,
  standout: standoutLine,
  colourRule: ruleLine,
  mark: markLine,
  head: headLine,
  yardstick: yardstickLine,
  series: seriesLine,
  dial: dialLine,
  filter: filterLine,
  look: lookLines,
};

/** What a line says, and of what. */
export type Said = { [Of in keyof Sayable]: { of: Of; value: Sayable[Of] } }[keyof Sayable];

/** Any line of a chart's text, told by what it says. */
export const anyLine: Entry<Said> = {
  print: ({ of, value }, names) => (entries[of] as Entry<unknown>).print(value, names),
  read: (at, reader) =>
    Object.entries(entries).flatMap(([of, entry]) =>
      (entry as Entry<unknown>)
        .read(at, reader)
        .filter(({ to }) => to > at)
        .map(({ value, to }) => ({ value: { of, value } as Said, to })),
    ),
};
