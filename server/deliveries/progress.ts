import type { BringInStep } from '../../contract';

type Doing = Extract<BringInStep, { kind: 'progress' }>['doing'];

/** Told no more often than this, in milliseconds. */
const pause = 150;

/** Tells how far the reading and storing of a file is, as a share of its bytes or rows. */
export class Progress {
  private doing: Doing = 'reading';
  private bytes = 0;
  private read = 0;
  private told = 0;

  constructor(
    private readonly ofBytes: number,
    private readonly say: (step: BringInStep) => void,
  ) {}

  /** Begins a phase, which is told at once. */
  begin(doing: Doing) {
    this.doing = doing;
    this.bytes = 0;
    this.read = 0;
    this.tell(0);
  }

  /** Counts the bytes of a file as they are read. */
  async *counting(content: AsyncIterable<Buffer>): AsyncGenerator<Buffer> {
    this.bytes = 0;
    for await (const part of content) {
      this.bytes += part.length;
      if (this.doing !== 'storing') this.maybe(this.bytes / Math.max(1, this.ofBytes));
      yield part;
    }
  }

  rows(rows: number) {
    this.read = rows;
  }

  stored(rows: number, ofRows: number) {
    this.read = rows;
    this.maybe(rows / Math.max(1, ofRows));
  }

  private maybe(share: number) {
    if (Date.now() - this.told >= pause || share >= 1) this.tell(share);
  }

  private tell(share: number) {
    this.told = Date.now();
    this.say({ kind: 'progress', doing: this.doing, share: Math.min(1, share), rows: this.read });
  }
}
