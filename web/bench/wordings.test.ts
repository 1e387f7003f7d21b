import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { dialEntry } from '../../core/dials';
import { measureEntry } from '../../core/measures';
import { figuresEntry } from '../../core/origins';
import type { Entry } from '../../core/sentences';
import { sentenceOf, sentencesOf } from '../../core/testing';
import {
  filterLine,
  headLine,
  lookLines,
  ruleLine,
  seriesSaid,
  standoutLine,
  yardstickAlone,
} from '../../core/text';

/** Everything that says itself. */
const said = [
  dialEntry,
  figuresEntry,
  filterLine,
  headLine,
  lookLines,
  measureEntry,
  ruleLine,
  seriesSaid,
  standoutLine,
  yardstickAlone,
] as unknown as Entry<unknown>[];

/** The words of a choice; none of anything else. */
function wordsOf(entry: Entry<unknown>): readonly string[] {
  const setting = entry.setting();
  return setting.control === 'choice' ? setting.choices.map(([, words]) => words) : [];
}

/** What the sentences of all kinds say in three words or more: fewer may stand anywhere. */
const wordings = [
  ...new Set(
    said
      .flatMap((entry) => sentencesOf(entry))
      .map(sentenceOf)
      .flatMap(({ parts, options }) => [
        ...parts.flatMap((part) => (typeof part === 'string' ? [part] : wordsOf(part.entry))),
        ...options.flatMap(({ entry }) => wordsOf(entry)),
      ])
      .map((words) => words.trim())
      .filter((words) => words.split(' ').length > 2),
  ),
];

/** A program without its comments, in one line. */
const shown = (text: string) =>
  text
    .replaceAll(/\/\*[\s\S]*?\*\//g, '')
    .replaceAll(/\/\/.*$/gm, '')
    .replaceAll(/\s+/g, ' ');

/** Whether words stand in a text, from the beginning of one to the end of one. */
const stands = (words: string, text: string) =>
  text
    .split(words)
    .slice(1)
    .some((after) => !/^\p{L}/u.test(after));

const sources = readdirSync('web', { recursive: true, encoding: 'utf8' })
  .filter((name) => /\.tsx?$/.test(name) && !name.includes('.test.'))
  .map((name) => ({ name, text: shown(readFileSync(join('web', name), 'utf8')) }));

it('leaves what kinds say to core: no wording of theirs stands in the interface', () => {
  expect(wordings.length).toBeGreaterThan(60);
  const found = wordings.flatMap((words) =>
    sources.filter(({ text }) => stands(words, text)).map(({ name }) => `${name}: ${words}`),
  );
  expect(found).toEqual([]);
});
