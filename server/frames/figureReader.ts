import { Worker } from 'node:worker_threads';
import type { Frame, FrameRequest } from '../../core/frame';
import { ProblemError } from '../../core/values';
import type { VersionColumns } from './columnCache';
import type { FigureAnswer, FigureTask } from './figuresWorker';

/** Built beside the server's entry. */
const workerFile = './figuresWorker.js';
const longestSeconds = 60;

type Waiting = { resolve: (frame: Frame) => void; reject: (error: unknown) => void };

/** Aggregates off the main thread: one worker holds the columns and answers in turn. */
export class FigureReader {
  private worker: Worker | null = null;
  private readonly waiting = new Map<number, Waiting>();
  private nextId = 1;

  /**
   * Aggregates a source version to a frame.
   * @throws ProblemError when the request does not fit the source
   */
  read(version: VersionColumns, request: FrameRequest): Promise<Frame> {
    const worker = (this.worker ??= this.start());
    const id = this.nextId++;
    return new Promise<Frame>((resolve, reject) => {
      const late = setTimeout(() => this.fail('The figures took too long.'), longestSeconds * 1000);
      const settle =
        <T>(then: (value: T) => void) =>
        (value: T) => {
          clearTimeout(late);
          then(value);
        };
      this.waiting.set(id, { resolve: settle(resolve), reject: settle(reject) });
      worker.postMessage({ id, version, request } satisfies FigureTask);
    });
  }

  /** Ends the worker. */
  async close() {
    await this.worker?.terminate();
  }

  private start(): Worker {
    const worker = new Worker(new URL(workerFile, import.meta.url));
    worker.on('message', (answer: FigureAnswer) => {
      const asker = this.waiting.get(answer.id);
      this.waiting.delete(answer.id);
      if ('frame' in answer) asker?.resolve(answer.frame);
      else if ('problem' in answer) asker?.reject(new ProblemError(answer.problem));
      else asker?.reject(new Error(answer.error));
    });
    worker.on('error', (error) => this.fail(error.message));
    return worker;
  }

  /** A worker that broke down or hangs is replaced at the next request. */
  private fail(reason: string) {
    void this.worker?.terminate();
    this.worker = null;
    for (const { reject } of this.waiting.values()) reject(new Error(reason));
    this.waiting.clear();
  }
}
