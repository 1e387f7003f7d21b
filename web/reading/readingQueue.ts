import type { Reading } from '../../core/reading';
import { type Question, sender } from './readingChannel';

interface Asked {
  question: Question;
  done: (reading: Reading) => void;
}

/** Where questions are answered: a worker, or what stands in for one. */
export interface Answerer {
  post: (question: Question) => void;
  onAnswer: (listen: (reading: Reading) => void) => void;
}

/**
 * Has readings made one at a time. Whoever asks anew while an earlier question of theirs waits, or is
 * being answered, is told only the answer to the newest.
 */
export class ReadingQueue {
  private readonly waiting = new Map<object, Asked>();
  private underway: { asker: object; asked: Asked } | null = null;
  private answerer: Answerer | null = null;

  constructor(private readonly open: () => Answerer) {}

  ask(asker: object, question: Question, done: (reading: Reading) => void) {
    this.waiting.delete(asker);
    this.waiting.set(asker, { question, done });
    this.next();
  }

  /** Opens what answers before it is asked, so that the first question need not wait for it. */
  prepare() {
    this.answerer ??= this.listening();
  }

  /** Whoever is gone is told nothing more. */
  forget(asker: object) {
    this.waiting.delete(asker);
    if (this.underway?.asker === asker) this.underway.asked.done = () => {};
  }

  private next() {
    const [first] = this.waiting;
    if (this.underway || !first) return;
    const [asker, asked] = first;
    this.waiting.delete(asker);
    this.underway = { asker, asked };
    this.prepare();
    this.answerer?.post(asked.question);
  }

  private listening(): Answerer {
    const answerer = this.open();
    answerer.onAnswer((reading) => {
      const answered = this.underway;
      this.underway = null;
      if (answered && !this.waiting.has(answered.asker)) answered.asked.done(reading);
      this.next();
    });
    return answerer;
  }
}

/** The queue of the page, before one worker. */
export const readings = new ReadingQueue(() => {
  const worker = new Worker(new URL('./readingWorker.ts', import.meta.url), { type: 'module' });
  const send = sender();
  return {
    post: (question) => worker.postMessage(send(question)),
    onAnswer: (listen) =>
      worker.addEventListener('message', ({ data }: MessageEvent<Reading>) => listen(data)),
  };
});
