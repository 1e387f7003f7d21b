import type { readChart } from '../../core/reading';

/** What a reading is made of. */
export type Question = Parameters<typeof readChart>;

/** A definition or figures: in full the first time, by its number from then on. */
interface Referred<Content> {
  id: number;
  content?: Content;
}

/** A question as it is sent. */
export type SentQuestion = [
  chart: Referred<Question[0]>,
  frames: Referred<Question[1]>,
  context: Omit<Question[2], 'unfiltered'> & { unfiltered?: Referred<Question[1]> },
];

/** More definitions and figures than these are not kept on the other side. */
const mostKept = 40;

/**
 * What has lately been sent, by number. Both sides of a channel keep one and see the same numbers in
 * the same order, so that both forget the same.
 */
class Lately {
  private readonly kept = new Map<number, object>();

  /** Takes what is known by a number, or keeps what came with it; null for neither. */
  take(id: number, content?: object): object | null {
    const found = content ?? this.kept.get(id) ?? null;
    this.kept.delete(id);
    if (found) this.kept.set(id, found);
    const [oldest] = this.kept.keys();
    if (this.kept.size > mostKept && oldest !== undefined) this.kept.delete(oldest);
    return found;
  }
}

/** The side that asks: figures that the other side has are not sent again at each turn of a dial. */
export function sender(): (question: Question) => SentQuestion {
  const numbers = new WeakMap<object, number>();
  const lately = new Lately();
  let last = 0;
  const refer = <Content extends object>(content: Content): Referred<Content> => {
    const id = numbers.get(content) ?? (last += 1);
    numbers.set(content, id);
    if (lately.take(id)) return { id };
    lately.take(id, content);
    return { id, content };
  };
  return ([chart, frames, { unfiltered, ...context }]) => [
    refer(chart),
    refer(frames),
    { ...context, ...(unfiltered && { unfiltered: refer(unfiltered) }) },
  ];
}

/** The side that answers: what was sent before is the same object again, which a reading knows. */
export function receiver(): (sent: SentQuestion) => Question {
  const lately = new Lately();
  const found = <Content>({ id, content }: Referred<Content>) =>
    lately.take(id, content as object | undefined) as Content;
  return ([chart, frames, { unfiltered, ...context }]) => [
    found(chart),
    found(frames),
    { ...context, ...(unfiltered && { unfiltered: found(unfiltered) }) },
  ];
}
