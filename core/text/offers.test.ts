import fc from 'fast-check';
import { shortMonthNames, shortWeekdayNames } from '../labels';
import { type Named, type Names, offersFor, writeNamed } from '../sentences';
import { around, randomCharts } from '../testing';
import { anyLine, linesOf, namesWith } from './index';

const runs = Number(process.env.RANDOM_CHARTS ?? 500);

/** The pieces of a line that are written one after another: names and formulas whole, marks with what they follow. */
const piecesOf = (line: string) => [
  ...line.matchAll(/(?<=worked out as )\(.*?\)(?=,|$)|(?:"(?:[^"]|"")*"|[^\s"])+/g),
];

/** Whether a piece is of the grammar's own words, or names what there is: all else has to be written. */
function isKnown(piece: string, names: Names): boolean {
  const bare = piece.replace(/^\(+|[,:)%]+$/g, '');
  const known = Object.values(names as Record<string, readonly Named[]>).flatMap((all) =>
    all.map((each) => writeNamed(all, each)),
  );
  if (known.some((name) => name === bare)) return true;
  if ([...shortMonthNames, ...shortWeekdayNames].includes(bare)) return false;
  return /^[a-z-]+$/.test(bare);
}

const ofNoKind = (names: Names): Names =>
  Object.fromEntries(
    Object.entries(names as Record<string, readonly Named[]>).map(([of, all]) => [
      of,
      all.map(({ kind: _kind, ...each }) => each),
    ]),
  );

const lacking = (begun: string, wanted: string) =>
  new Error(`After ‘${begun}’ there is no ‘${wanted}’ among the offers.`);

it('offers each next word of a line, after two letters among the first eight', () => {
  fc.assert(
    fc.property(randomCharts, fc.nat(), (random, drawn) => {
      // Charts may name what does not suit, which is not offered: here nothing is told of kinds.
      const names = ofNoKind(namesWith(random, around));
      // What is missing is written for what was there once, and offered to nobody.
      const lines = Object.values(linesOf(random, around))
        .flat()
        .filter(({ text }) => !text.includes('the missing '));
      const { text } = lines[drawn % lines.length] ?? { text: '' };
      for (const { 0: piece, index } of piecesOf(text).slice(1)) {
        const isFormula = text.slice(0, index).endsWith('worked out as ');
        if (isFormula || !isKnown(piece, names)) continue;
        const word = piece.replace(/^\(/, '');
        const from = index + piece.length - word.length;
        const wanted = word.replace(/[,:)%]+$/, '');
        const begins = (offer: string) => offer.replace(/^\(\s*/, '').startsWith(wanted);
        const offered = offersFor(anyLine, text.slice(0, from), names);
        if (!offered.some((each) => begins(each.text))) throw lacking(text.slice(0, from), wanted);
        const two = /^"?[\p{L}\p{N}]{2}/u.exec(wanted)?.[0];
        if (two === undefined || two === wanted) continue;
        const begun = text.slice(0, from) + two.replace('"', '');
        const first = offersFor(anyLine, begun, names).slice(0, 8);
        if (!first.some((each) => begins(each.text))) throw lacking(begun, wanted);
      }
    }),
    { numRuns: runs, endOnFailure: true },
  );
}, 600_000);
