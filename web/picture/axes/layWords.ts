/** How words stand along an axis, so that none is cut. */
export interface LaidWords {
  /** the lines of each word; null for those that are left out, which are read when pointed at */
  lines: (readonly string[] | null)[];
  /** they stand upright, for want of room beside each other */
  turned: boolean;
  /** how far down the longest reaches, in pixels */
  height: number;
}

/** How wide a letter is of its size. */
const letter = 0.58;
const mostLines = 4;
const lineHeight = 1.2;
/** Between a word and the next, in pixels. */
const apart = 6;
/** Words that stand upright reach no further down, in pixels. */
const deepest = 104;

/** A word in as few lines as it takes, none longer than so many letters; null when it has no room. */
function wrapped(word: string, letters: number): string[] | null {
  const lines: string[] = [];
  for (const part of word.split(/\s+/)) {
    const last = lines.at(-1);
    if (part.length > letters) return null;
    if (last !== undefined && last.length + 1 + part.length <= letters)
      lines[lines.length - 1] = `${last} ${part}`;
    else lines.push(part);
  }
  return lines.length <= mostLines ? lines : null;
}

/**
 * Lays words along an axis: in lines beneath each other; where that does not do, upright; where
 * neither does, only every so manieth, whole.
 * @param words in the order in which they stand, each in the middle of its place
 * @param width of the plot, in pixels
 * @param fontSize in pixels
 */
export function layWords(words: readonly string[], width: number, fontSize: number): LaidWords {
  const each = width / Math.max(1, words.length);
  const deep = (letters: number) => letters * fontSize * letter;
  const longest = Math.max(0, ...words.map(({ length }) => length));
  const inLines = (stride: number): LaidWords | null => {
    const letters = Math.floor((each * stride - apart) / (fontSize * letter));
    const lines = words.map((word, at) => (at % stride === 0 ? wrapped(word, letters) : null));
    if (lines.some((each, at) => at % stride === 0 && each === null)) return null;
    const most = Math.max(1, ...lines.map((own) => own?.length ?? 0));
    return { lines, turned: false, height: most * fontSize * lineHeight };
  };
  const upright = (stride: number): LaidWords | null =>
    deep(longest) <= deepest && each * stride >= fontSize * lineHeight + 2
      ? {
          lines: words.map((word, at) => (at % stride === 0 ? [word] : null)),
          turned: true,
          height: Math.ceil(deep(longest)),
        }
      : null;
  const whole = inLines(1) ?? upright(1);
  if (whole) return whole;
  for (let stride = 2; stride < words.length; stride += 1) {
    const found = inLines(stride) ?? upright(stride);
    if (found) return found;
  }
  return { lines: words.map(() => null), turned: false, height: 0 };
}
