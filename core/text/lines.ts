import {
  type ChartFilter,
  type ColourRuleDefinition,
  plainLook,
  type StandoutDefinition,
  type StyledYardstick,
} from '../chart';
import { conditionEntry } from '../conditions';
import { dialEntry, type DialDefinition } from '../dials';
import { type Filter, filterKinds } from '../frame';
import {
  between,
  choice,
  type Entry,
  nullable,
  oneOf,
  orNone,
  partName,
  type Said,
  said,
  Sentence,
  several,
  textAs,
  ways,
  word,
  type Written,
} from '../sentences';
import { pickEntry, type PickScope, type Side, type Ties } from '../standouts';
import { withScope, type YardstickDefinition, yardstickEntry } from '../yardsticks';
import { newName } from './newName';
import { colour, dash, lookSaid, width } from './strokes';

/** Something with a name: the name, "is", and what it is. */
function namedLine<Definition extends object>(
  isNamed: (definition: Definition) => boolean,
  what: Written<Definition>,
  unnamed: string | null,
): Written<Definition> {
  const nameOf = (definition: Definition) => (definition as { name?: string }).name ?? '';
  return {
    print: (definition, names) => {
      const name = isNamed(definition) ? newName.print(nameOf(definition), names) : unnamed;
      return `${name} is ${what.print(definition, names)}`;
    },
    read: (at, reader) =>
      newName.read(at, reader).flatMap(({ value: name, to }) => {
        const from = reader.words(to, 'is');
        if (from < 0) return [];
        return what.read(from, reader).map((each) => ({
          value: isNamed(each.value) ? { ...each.value, name } : each.value,
          to: each.to,
        }));
      }),
  };
}

const styled = yardstickEntry.and(
  Sentence.of<{ look?: StyledYardstick['look'] }>().group('look', plainLook, lookSaid, true),
) as unknown as Entry<StyledYardstick>;

/** The today line has no name of its own. */
export const hasName = ({ kind }: YardstickDefinition) => kind !== 'today';

export const yardstickLine = namedLine<StyledYardstick>(hasName, styled, 'Today');

/** A yardstick that is not named yet. */
export const yardstickAlone = styled;

export const dialLine = namedLine<DialDefinition>(() => true, dialEntry, null);

export const ruleLine = Sentence.of<ColourRuleDefinition>()
  .words('where ')
  .slot('series', partName('series'))
  .words(' ')
  .slot('condition', conditionEntry, 'Condition')
  .words(', draw ')
  .slot('effect', choice({ line: 'it', points: 'its points', fill: 'the area to its mark' }))
  .words(' in ')
  .slot('colour', nullable('its own colour', colour), 'Colour')
  .option('dash', null, dash)
  .option('width', null, width)
  .option('only', undefined, between('only of the line ', word) as Entry<string | undefined>)
  .option('name', '', between('called ', textAs('Rule')));

export const standoutLine = withScope(
  Sentence.of<StandoutDefinition>()
    .slot('pick', pickEntry, 'Picks out')
    .words(' of ')
    .slot('series', partName('series')),
)
  .option(
    'label',
    ['value', 'date'],
    orNone(
      'without a label',
      between(
        'labelled with ',
        several(
          oneOf<StandoutDefinition['label'][number]>([
            ['value', 'value'],
            ['date', 'date'],
            ['name', 'name'],
            ['difference', 'difference'],
          ]),
        ),
      ),
    ),
  )
  .option(
    'side',
    undefined,
    choice<Side>({
      above: 'above its point',
      right: 'right of its point',
      below: 'below its point',
      left: 'left of its point',
    }) as Entry<Side | undefined>,
  )
  .option(
    'ties',
    'all',
    choice<Exclude<Ties, 'all'>>({ first: 'of equals the first', last: 'of equals the last' }),
  )
  .option(
    'per',
    'series',
    choice<Exclude<PickScope, 'series'>>({ line: 'in each line', year: 'in each year' }),
  )
  .option('colour', null, between('in ', colour));

/** A filter of a chart: what it keeps, what becomes of the rest, and a dial of its kind that turns it. */
export const filterLine: Said<ChartFilter> = ways<ChartFilter>(
  ...filterKinds.map(
    ({ kind, sentence, dial }) =>
      [
        ({ filter }: ChartFilter) => filter.kind === kind,
        Sentence.of<ChartFilter>()
          .slot('filter', sentence as Entry<Filter>)
          .option('rest', 'removed', said('grey' as const, 'the rest in grey'))
          .option('dial', undefined, between('turned by ', partName('dial', dial))),
      ] as const,
  ),
);
