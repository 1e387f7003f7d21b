import {
  type ChartFilter,
  type ColourRuleDefinition,
  type SeriesDefinition,
  type StandoutDefinition,
  type StyledYardstick,
} from '../chart';
import type { DialDefinition } from '../dials';
import type { Sentence, Written } from '../sentences';
import {
  dialLine,
  filterLine,
  ruleLine,
  standoutLine,
  yardstickAlone,
  yardstickLine,
} from './lines';
import { type Look, lookLines } from './lookLines';
import {
  type Head,
  headNow,
  headSaid,
  type MarkLine,
  markLine,
  seriesLine,
  type SeriesNow,
  seriesNow,
} from './seriesLine';

/** What a line of a chart's text can say. */
export interface Sayable {
  series: SeriesDefinition;
  /** of a series that is there already */
  seriesNow: SeriesNow;
  mark: MarkLine;
  /** under a name that the line gives */
  yardstick: StyledYardstick;
  /** one that the line gives no name */
  yardstickAlone: StyledYardstick;
  colourRule: ColourRuleDefinition;
  standout: StandoutDefinition;
  dial: DialDefinition;
  filter: ChartFilter;
  /** by what it goes */
  headNow: Partial<Head>;
  /** what is said alone */
  head: Partial<Head>;
  look: Partial<Look>;
}

/** What a sentence says alone: silence leaves all else of a chart as it is. */
const alone = <Definition extends object>(
  sentence: Sentence<Definition>,
): Written<Partial<Definition>> => ({
  print: (said, names) => sentence.printSaid(said, names),
  read: (at, reader) => sentence.readSaid(at, reader),
});

const entries: { [Of in keyof Sayable]: Written<Sayable[Of]> } = {
  yardstickAlone,
  standout: standoutLine,
  colourRule: ruleLine,
  seriesNow,
  mark: markLine,
  headNow,
  head: alone(headSaid),
  yardstick: yardstickLine,
  series: seriesLine,
  dial: dialLine,
  filter: filterLine,
  look: alone(lookLines),
};

/** What a line says, and of what. */
export type Typed = { [Of in keyof Sayable]: { of: Of; value: Sayable[Of] } }[keyof Sayable];

/** Any line of a chart's text, told by what it says. */
export const anyLine: Written<Typed> = {
  print: ({ of, value }, names) => (entries[of] as Written<unknown>).print(value, names),
  read: (at, reader) =>
    Object.entries(entries).flatMap(([of, entry]) =>
      (entry as Written<unknown>)
        .read(at, reader)
        .filter(({ to }) => to > at)
        .map(({ value, to }) => ({ value: { of, value } as Typed, to })),
    ),
};
