import { tooManyAtOnce } from './refusals';

interface Line {
  working: number;
  waiting: (() => void)[];
}

/**
 * Lets so many pieces of work of one owner run at once in this process; others wait in the owner's
 * own line, and one beyond that is refused.
 */
export class Seats {
  private readonly lines = new Map<string, Line>();

  constructor(private readonly limits: { atOnce: number; waiting: number }) {}

  /**
   * Runs work in a seat of its owner.
   * @throws Refusal 429 when too many wait already
   */
  async run<T>(owner: string, work: () => Promise<T>): Promise<T> {
    const leave = await this.take(owner);
    try {
      return await work();
    } finally {
      leave();
    }
  }

  /**
   * Takes a seat.
   * @returns what gives it back
   * @throws Refusal 429 when too many wait already
   */
  async take(owner: string): Promise<() => void> {
    const line = this.lines.get(owner) ?? { working: 0, waiting: [] };
    this.lines.set(owner, line);
    if (line.working < this.limits.atOnce) line.working += 1;
    else if (line.waiting.length < this.limits.waiting)
      await new Promise<void>((seated) => line.waiting.push(seated));
    else throw tooManyAtOnce();
    return () => this.leave(owner, line);
  }

  /** A seat that is given back goes to the first who waits. */
  private leave(owner: string, line: Line) {
    const next = line.waiting.shift();
    if (next) next();
    else line.working -= 1;
    if (line.working === 0) this.lines.delete(owner);
  }
}
