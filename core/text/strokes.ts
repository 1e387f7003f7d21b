import {
  type Colour,
  colours,
  type Dash,
  freeColour,
  isColour,
  type NamedColour,
  plainLook,
  plainStroke,
  strokeWidths,
  type YardstickLook,
} from '../chart';
import type { StrokeDefinition } from '../chart';
import {
  type Entry,
  between,
  choice,
  mapped,
  number,
  oneOf,
  ordinal,
  pair,
  said,
  Sentence,
  textAs,
  yesOrNo,
} from '../sentences';
import { writeOrdinal } from '../labels';

const namedColour = oneOf<NamedColour>(
  colours.map((each) => [each, each] as const),
  'colour',
);
const written = /#[0-9a-f]{6}/iy;

/** A colour by its name, or any other as #1f6d60. */
export const colour: Entry<Colour> = {
  ...(namedColour as Entry<Colour>),
  print: (value, names) =>
    freeColour.test(value) ? value : namedColour.print(value as NamedColour, names),
  read: (at, reader) => {
    const free = reader.match(at, written);
    reader.expect(at, { text: 'any other as #1f6d60', open: true });
    if (!free) return namedColour.read(at, reader);
    return [{ value: free[0].toLowerCase() as Colour, to: free.index + free[0].length }];
  },
  fits: isColour,
};

export const dash = choice<Dash>(
  {
    solid: 'solid',
    dash: 'dashed',
    dot: 'dotted',
    longdash: 'long-dashed',
  },
  'dash',
);

/** A width in pixels. */
export const width = between(
  '',
  number({ from: strokeWidths.least, to: strokeWidths.most, called: 'a width', first: 3 }),
  ' wide',
);

const points = Sentence.of<StrokeDefinition['points']>()
  .option(
    'at',
    'none',
    choice({
      all: 'with points',
      measured: 'with points where it is measured',
      sized: 'with points as large as their figures',
    }),
  )
  .option('colour', null, between('points in ', colour))
  .option(
    'sizes',
    plainStroke.points.sizes,
    between('points ', pair(number({ from: 1, to: 60 }), ' to '), ' across'),
  );

/** The place in the palette of a series that takes that of its line. */
export const ownPlace = -1;

/** How a line is drawn: all of it is silent where its role gives it. */
export const strokeSaid = Sentence.of<StrokeDefinition>()
  .option('colour', null, between('in ', colour))
  .option('dash', null, dash)
  .option('width', null, width)
  .option('shape', 'straight', choice({ smooth: 'smooth', stepped: 'stepped', bars: 'as bars' }))
  .group('points', plainStroke.points, points, false)
  .option('filled', false, said(true, 'filled'))
  .option(
    'gradient',
    undefined,
    choice({ value: 'coloured over its value', mark: 'coloured over its distance from its mark' }),
  )
  .option(
    'place',
    ownPlace,
    mapped(
      between('in the ', ordinal(writeOrdinal, { from: 1, whole: true }), ' colour of the palette'),
      (nth) => nth - 1,
      (place: number) => place + 1,
    ),
  );

const label = Sentence.of<YardstickLook['label']>()
  .option('text', plainLook.label.text, between('labelled ', textAs('{name}: {value}')))
  .option(
    'at',
    plainLook.label.at,
    choice({
      each: 'labelled in each panel',
      inside: 'labelled within the picture',
      none: 'without its label',
    }),
  )
  .option('edges', undefined, said(true, 'its edges labelled'));

/** How a yardstick is drawn and labelled. */
export const lookSaid = Sentence.of<YardstickLook>()
  .option('colour', plainLook.colour, between('in ', colour))
  .option('dash', plainLook.dash, dash)
  .option('width', plainLook.width, width)
  .option('front', plainLook.front, yesOrNo('before the lines', 'behind'))
  .group('label', plainLook.label, label, false);
