import {
  type AxesDefinition,
  type ChartDefinition,
  type LinkingDefinition,
  type PeekDefinition,
  type PeekLine,
  peekWidths,
  plainPeekLine,
  plainAxes,
  plainAxis,
  plainChart,
  plainLinking,
  plainReplay,
  plainSheet,
  type ReplayDefinition,
  replaySeconds,
  type SheetDefinition,
  type ValueAxisDefinition,
} from '../chart';
import { type DateStyle, type NumberMarks, type NumberStyle } from '../labels';
import {
  between,
  choice,
  counted,
  type Entry,
  number,
  oneOf,
  Reader,
  said,
  Sentence,
  storedName,
  textAs,
  yesOrNo,
  partName,
} from '../sentences';
import { type EmphasisDefinition, emphasisEntry } from '../emphasis';
import { colour, dash, width } from './strokes';

const numbers = Sentence.of<NumberStyle>()
  .slot(
    'marks',
    choice<NumberMarks>({
      comma: 'as 1,234.5',
      point: 'as 1.234,5',
      space: 'as 1 234,5',
      apostrophe: 'as 1’234.5',
    }),
  )
  .option('decimals', null, between('with ', counted('decimal', { from: 0, to: 6 })))
  .option('short', true, said(false, 'in full'))
  .option('unit', '', between('in ', textAs('£')))
  .option('unitAt', 'after', said('before' as const, 'the unit before'));

/**
 * What is said of one value axis, each time by its name.
 * @param name of the axis, as its sentence says it
 */
export const axisSaid = (name: string) =>
  Sentence.of<ValueAxisDefinition>()
    .option(
      'starts',
      plainAxis.starts,
      oneOf<ValueAxisDefinition['starts']>([
        ['zero', `${name} begins at zero`],
        ['data', `${name} begins at the least figure`],
      ]),
    )
    .option('from', null, between(`${name} stays from `, number()))
    .option('to', null, between(`${name} stays up to `, number()))
    .option('title', '', between(`${name} is titled `, textAs(name)))
    .option('numbers', null, between(`${name} is written `, numbers));

export const secondAxisSaid = axisSaid('the second value axis').and(
  Sentence.of<{ aligned: boolean }>().option(
    'aligned',
    false,
    said(true, 'the second value axis is aligned with the first'),
  ),
);

const dateStyle = choice<DateStyle>({
  words: 'as 23 Nov 2026',
  dayFirst: 'as 23.11.2026',
  monthFirst: 'as 11/23/2026',
  iso: 'as 2026-11-23',
});

const axes = Sentence.of<AxesDefinition>()
  .group('first', plainAxes.first, axisSaid('the value axis'), false)
  .group('second', plainAxes.second, secondAxisSaid, false)
  .option('dates', null, between('dates are written ', dateStyle))
  .option('wholeDates', undefined, said(true, 'each date written whole'))
  .option(
    'title',
    undefined,
    between('the axis beneath is titled ', textAs('Month')) as Entry<string | undefined>,
  )
  .group(
    'shown',
    plainAxes.shown,
    Sentence.of<AxesDefinition['shown']>()
      .option('gridlines', true, said(false, 'without gridlines'))
      .option('scales', true, said(false, 'without scales'))
      .option('values', true, said(false, 'without values beside the scale'))
      .option('dates', true, said(false, 'without dates beneath the scale')),
    false,
  );

export const replaySaid = Sentence.of<ReplayDefinition>()
  .option('offered', plainReplay.offered, said(false, 'never replayed'))
  .option(
    'words',
    plainReplay.words,
    between('replayed with the words ', textAs('{count} of {all}, {value} so far')),
  )
  .option('stands', plainReplay.stands, said(true, 'its words stand under the title'))
  .option(
    'seconds',
    undefined,
    between(
      'replayed in ',
      number({ from: replaySeconds.least, to: replaySeconds.most, whole: true, first: 20 }),
      ' seconds',
    ) as Entry<number | undefined>,
  );

const peekLine = Sentence.of<PeekLine>()
  .option('colour', null, between('its line in ', colour))
  .option('dash', plainPeekLine.dash, between('its line ', dash))
  .option('width', plainPeekLine.width, between('its line ', width))
  .option('label', '', between('its line labelled ', textAs('{date}')))
  .option('at', 'over', said('within' as const, 'its label within the picture'))
  .option('dates', null, between('its date written ', dateStyle));

/** What stands at the pointer. */
export const peekSaid = Sentence.of<PeekDefinition>()
  .slot('chart', storedName('chart'))
  .words(' at the pointer')
  .option('size', 'medium', choice({ small: 'small', large: 'large' }))
  .option(
    'width',
    undefined,
    between(
      '',
      number({ from: peekWidths.least, to: peekWidths.most, whole: true, first: 420 }),
      ' pixels wide',
    ) as Entry<number | undefined>,
  )
  .option(
    'side',
    undefined,
    choice<PeekDefinition['side'] & string>({ beside: 'beside it', below: 'below it' }) as Entry<
      PeekDefinition['side']
    >,
  )
  .option('shows', 'pointed', said('all' as const, 'all of it'))
  .group('line', plainPeekLine, peekLine, true);

export const linkingSaid = Sentence.of<LinkingDefinition>()
  .option('linked', plainLinking.linked, said(false, 'apart from the other charts'))
  .option('narrows', plainLinking.narrows, said(true, 'what is picked in it narrows the others'))
  .option('peek', undefined, between('shows ', peekSaid));

const separators = Sentence.of<SheetDefinition['separators']>()
  .option('shown', true, said(false, 'without separators'))
  .option('colour', null, between('separators in ', colour))
  .option('dash', 'solid', between('separators ', dash))
  .option('width', plainSheet.separators.width, between('separators ', width));

/** What is said of what lies behind a chart, and between its panels. */
const sheetSaid = Sentence.of<SheetDefinition>()
  .option('ground', null, between('on a tint of ', colour))
  .group('separators', plainSheet.separators, separators, false);

/** How a chart looks, and what it does beside others. */
export type Look = Pick<
  ChartDefinition,
  | 'axes'
  | 'names'
  | 'emphasis'
  | 'emphasises'
  | 'yardsticksBy'
  | 'sheet'
  | 'replay'
  | 'notesHidden'
  | 'linking'
>;

/** All that can be said of how a chart looks: a line each. */
export const lookLines = Sentence.of<Look>()
  .group('axes', plainAxes, axes, false)
  .group(
    'names',
    plainChart.names,
    Sentence.of<ChartDefinition['names']>()
      .option('as', 'ends', said('legend' as const, 'names in a legend'))
      .option('yardsticks', false, said(true, 'yardsticks in the legend too'))
      .option('lettered', undefined, said(true, 'names in the colours of their lines, bold')),
    false,
  )
  .option('emphasis', null, between('opens with the line ', textAs('Line')))
  .option('emphasises', undefined, emphasisEntry as Entry<EmphasisDefinition | undefined>)
  .option(
    'yardsticksBy',
    undefined,
    between('shows the yardsticks chosen by ', partName('dial', 'choice', 'several')) as Entry<
      string | undefined
    >,
  )
  .group('sheet', plainSheet, sheetSaid, true)
  .group('replay', plainReplay, replaySaid, true)
  .option('notesHidden', undefined, yesOrNo('notes in the list alone', 'notes in the picture'))
  .group('linking', plainLinking, linkingSaid, true);

/** How a chart looks of which nothing is said. */
export function plainLooks(): Look {
  const [read] = lookLines.read(0, new Reader('', {}));
  if (!read) throw new Error('Nothing said of a look has to be plain.');
  return read.value;
}
