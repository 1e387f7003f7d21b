import { tooManyAtOnce } from './refusals';

interface Line {
  working: number;
  waiting: (() => void)[];
}

/**
 * Seats that all owners share: so many in all, and so many of one owner. Others wait in their owner's
 * line, and the lines take turns, so that a long one keeps nobody else waiting.
 */
export class FairSeats {
  /** the owner whose turn was longest ago stands first */
  private readonly lines = new Map<string, Line>();
  private working = 0;

  constructor(
    private readonly limits: { inAll: number; ofOwner: number; waitingOfOwner: number },
  ) {}

  /**
   * Runs work in a seat.
   * @throws Refusal 429 when too many of the owner wait already
   */
  async run<T>(owner: string, work: () => Promise<T>): Promise<T> {
    await this.take(owner);
    try {
      return await work();
    } finally {
      this.leave(owner);
    }
  }

  private take(owner: string): Promise<void> {
    const line = this.lines.get(owner) ?? { working: 0, waiting: [] };
    this.lines.set(owner, line);
    if (line.waiting.length >= this.limits.waitingOfOwner) throw tooManyAtOnce();
    return new Promise((seated) => {
      line.waiting.push(seated);
      this.seatNext();
    });
  }

  private leave(owner: string) {
    this.working -= 1;
    const line = this.lines.get(owner) as Line;
    line.working -= 1;
    // Whoever has had a turn stands last.
    this.lines.delete(owner);
    if (line.working > 0 || line.waiting.length > 0) this.lines.set(owner, line);
    this.seatNext();
  }

  private seatNext() {
    if (this.working >= this.limits.inAll) return;
    for (const [owner, line] of this.lines) {
      if (line.working >= this.limits.ofOwner) continue;
      const seated = line.waiting.shift();
      if (!seated) continue;
      line.working += 1;
      this.working += 1;
      this.lines.delete(owner);
      this.lines.set(owner, line);
      return seated();
    }
  }
}
