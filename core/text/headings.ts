import { isSameName } from '../formula';
import type { WrittenLine } from './textLines';

/** The headings of a text, in their order. */
export const headings = [
  'Series',
  'Yardsticks',
  'Colour rules',
  'Standouts',
  'Dials',
  'Filters',
  'Look',
] as const;
export type Heading = (typeof headings)[number];

/** A few words with a capital, in a line that begins anew: it was meant to be a heading. */
const headingLike = /^\p{Lu}\p{L}*(?: \p{L}+){0,2}$/u;

/** The lines of a text by what they stand under. */
export interface Parted {
  /** the first three: the version, the title, the periods */
  head: WrittenLine[];
  under: Record<Heading, WrittenLine[]>;
  /** the lines of the headings themselves */
  headed: { heading: Heading; line: WrittenLine }[];
  /** what stands under no heading */
  astray: WrittenLine[];
}

/** Parts the lines of a text by their headings. */
export function partedLines(lines: readonly WrittenLine[]): Parted {
  const parted: Parted = {
    head: lines.slice(0, 3),
    under: {
      Series: [],
      Yardsticks: [],
      'Colour rules': [],
      Standouts: [],
      Dials: [],
      Filters: [],
      Look: [],
    },
    headed: [],
    astray: [],
  };
  let current: Heading | null = null;
  for (const line of lines.slice(3)) {
    const heading = headings.find((each) => isSameName(each, line.text));
    if (heading) {
      current = heading;
      parted.headed.push({ heading, line });
    } else if (current && !(line.begins && headingLike.test(line.text)))
      parted.under[current].push(line);
    else parted.astray.push(line);
  }
  return parted;
}
