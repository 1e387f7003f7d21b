import type { Names } from './names';

/** One way to read a part of a text: what it says, and where it ends. */
export interface Read<Value> {
  value: Value;
  to: number;
}

/** What could have stood at a place: words that can be taken as they are, or something to be written. */
export interface Expected {
  text: string;
  /** it stands for what it is called, as "a number": it cannot be taken as it is */
  open?: true;
}

const piece = /[\p{L}\p{N}'’]+|[^\s]/gu;
const letter = /[\p{L}\p{N}]/u;

/** Spaces of any width, and tabs; texts are read line by line. */
const isSpace = (code: number) =>
  code === 0x20 ||
  code === 0x09 ||
  code === 0xa0 ||
  code === 0x0a ||
  code === 0x0d ||
  (code >= 0x2000 && code <= 0x202f);

const pieces = new Map<string, readonly string[]>();

/** The words and marks of a phrase, in small letters. */
function piecesOf(phrase: string): readonly string[] {
  const known = pieces.get(phrase);
  if (known) return known;
  const found = phrase.toLowerCase().match(piece) ?? [];
  pieces.set(phrase, found);
  return found;
}

/**
 * A text that is being read. It keeps what was expected at the farthest place where reading failed, which
 * tells what is wrong there, and what could stand at its end.
 */
export class Reader {
  private readonly lower: string;
  /** the farthest place at which something else was expected */
  farthest = 0;
  private found: Expected[] = [];
  private readonly watched: Expected[] = [];

  /**
   * @param names what can be named
   * @param watch a place at which everything that is expected is kept, whatever is read beyond it
   */
  constructor(
    readonly text: string,
    readonly names: Names,
    private readonly watch = -1,
  ) {
    this.lower = text.toLowerCase();
  }

  /** Where the next piece begins. */
  next(at: number): number {
    let place = at;
    while (isSpace(this.text.charCodeAt(place))) place += 1;
    return place;
  }

  isEnd(at: number): boolean {
    return this.next(at) >= this.text.length;
  }

  /** Says what could have stood at a place. */
  expect(at: number, expected: Expected): void {
    const place = this.next(at);
    if (place === this.watch) this.watched.push(expected);
    if (place < this.farthest) return;
    if (place > this.farthest) this.found = [];
    this.farthest = place;
    this.found.push(expected);
  }

  /** Whether what is expected at a place would be kept: most of what is tried fails early. */
  private matters(place: number): boolean {
    return place >= this.farthest || place === this.watch;
  }

  /** What was expected at the farthest place. */
  get expected(): readonly Expected[] {
    return this.found;
  }

  /** What was expected at the place that was watched. */
  get expectedThere(): readonly Expected[] {
    return this.watched;
  }

  /** Where a phrase ends that stands at a place; -1 when another does. Capitals tell nothing apart. */
  words(at: number, phrase: string): number {
    const wanted = piecesOf(phrase);
    let place = at;
    for (let index = 0; index < wanted.length; index += 1) {
      const from = this.next(place);
      const to = from + (wanted[index] as string).length;
      if (!this.lower.startsWith(wanted[index] as string, from) || !this.isWhole(from, to)) {
        if (this.matters(from)) this.expect(from, { text: restOf(phrase, index) });
        return -1;
      }
      if (from === this.watch) this.expect(from, { text: restOf(phrase, index) });
      place = to;
    }
    return place;
  }

  /** What matches a pattern at a place; the pattern is sticky. Null when it does not. */
  match(at: number, pattern: RegExp): RegExpExecArray | null {
    pattern.lastIndex = this.next(at);
    return pattern.exec(this.text);
  }

  /** Whether a word ends where it is said to end. */
  private isWhole(from: number, to: number): boolean {
    const [last, next] = [this.text[to - 1] ?? '', this.text[to] ?? ''];
    return from < to && !(letter.test(last) && letter.test(next));
  }
}

/** A phrase from one of its pieces on. */
function restOf(phrase: string, index: number): string {
  if (index === 0) return phrase.trim();
  const [start] = [...phrase.matchAll(piece)].slice(index);
  return phrase.slice(start?.index ?? 0).trim();
}
