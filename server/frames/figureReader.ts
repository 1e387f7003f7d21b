import { Worker } from 'node:worker_threads';
import { LRUCache } from 'lru-cache';
import { type Frame, frameKey, type FrameRequest } from '../../core/frame';
import { ProblemError } from '../../core/values';
import { DatabaseAway } from '../database';
import { Seats } from '../http';
import { settings } from '../settings';
import type { VersionColumns } from './versionColumns';
import type { FigureAnswer, FigureTask } from './figuresWorker';

/** Built beside the server's entry. */
const workerFile = './figuresWorker.js';
const longestSeconds = 60;

type Waiting = { resolve: (frame: Frame) => void; reject: (error: unknown) => void };

/**
 * Aggregates off the main thread: one worker holds the columns. A frame of a version never changes,
 * so it is aggregated once, also for those who ask for it meanwhile, and kept while there is room.
 */
export class FigureReader {
  private worker: Worker | null = null;
  private readonly waiting = new Map<number, Waiting>();
  private nextId = 1;
  private readonly frames = new LRUCache<string, Frame>({
    maxSize: settings.answerBytes,
    sizeCalculation: sizeOf,
  });
  private readonly coming = new Map<string, Promise<Frame>>();
  private readonly seats = new Seats({
    atOnce: settings.figuresAtOnce,
    waiting: settings.figuresWaiting,
  });

  /**
   * Aggregates a source version to a frame.
   * @param asker whose line it waits in
   * @throws ProblemError when the request does not fit the source; Refusal 429 when too many wait
   */
  async read(asker: string, version: VersionColumns, request: FrameRequest): Promise<Frame> {
    const key = `${version.versionId} ${frameKey(request)}`;
    const held = this.frames.get(key);
    if (held) return held;
    const coming = this.coming.get(key) ?? this.aggregate(asker, version, request, key);
    return coming;
  }

  /** Ends the worker. */
  async close() {
    await this.worker?.terminate();
  }

  private aggregate(asker: string, version: VersionColumns, request: FrameRequest, key: string) {
    const coming = this.seats.run(asker, () => this.ask(version, request));
    this.coming.set(key, coming);
    coming
      .then((frame) => this.frames.set(key, frame))
      .catch(() => {
        // Whoever asked is told; the next one asks anew.
      })
      .finally(() => this.coming.delete(key));
    return coming;
  }

  private ask(version: VersionColumns, request: FrameRequest): Promise<Frame> {
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

  private start(): Worker {
    const worker = new Worker(new URL(workerFile, import.meta.url));
    worker.on('message', (answer: FigureAnswer) => {
      const asker = this.waiting.get(answer.id);
      this.waiting.delete(answer.id);
      if ('frame' in answer) asker?.resolve(answer.frame);
      else if ('problem' in answer) asker?.reject(new ProblemError(answer.problem));
      else if ('away' in answer) asker?.reject(new DatabaseAway(answer.away));
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

const sizeOf = ({ periods, keys }: Frame) => 200 + 16 * periods.length * (keys.length + 1);
