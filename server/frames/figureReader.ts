import { Worker } from 'node:worker_threads';
import { LRUCache } from 'lru-cache';
import { type Frame, frameKey, type FrameRequest } from '../../core/frame';
import { ProblemError } from '../../core/values';
import { DatabaseAway } from '../database';
import { Seats } from '../http';
import { settings } from '../settings';
import type { VersionColumns } from './versionColumns';
import { EngineAway } from '../engine';
import type { VersionAnswers, VersionQuestion } from './acts';
import type { FigureAnswer, FigureTask } from './figuresWorker';

/** Built beside the server's entry. */
const workerFile = './figuresWorker.js';
const longestSeconds = 60;

type Result = VersionAnswers[VersionQuestion['kind']];
type Waiting = { resolve: (result: Result) => void; reject: (error: unknown) => void };

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

  /**
   * Answers a question about a version.
   * @param asker whose line it waits in
   * @throws ProblemError when it does not fit the version; Refusal 429 when too many wait
   */
  find<Question extends VersionQuestion>(
    asker: string,
    version: VersionColumns,
    question: Question,
  ): Promise<VersionAnswers[Question['kind']]> {
    return this.seats.run(asker, () => this.ask(version, question));
  }

  /** Begins before anybody waits for it. */
  begin() {
    this.worker ??= this.start();
  }

  /** Ends the worker. */
  async close() {
    await this.worker?.terminate();
  }

  private aggregate(asker: string, version: VersionColumns, request: FrameRequest, key: string) {
    const coming = this.find(asker, version, { kind: 'frame', request });
    this.coming.set(key, coming);
    coming
      .then((frame) => this.frames.set(key, frame))
      .catch(() => {
        // Whoever asked is told; the next one asks anew.
      })
      .finally(() => this.coming.delete(key));
    return coming;
  }

  private ask<Question extends VersionQuestion>(
    version: VersionColumns,
    question: Question,
  ): Promise<VersionAnswers[Question['kind']]> {
    type Answer = VersionAnswers[Question['kind']];
    const worker = (this.worker ??= this.start());
    const id = this.nextId++;
    return new Promise<Answer>((resolve, reject) => {
      const late = setTimeout(() => this.fail('The figures took too long.'), longestSeconds * 1000);
      const settle =
        <T>(then: (value: T) => void) =>
        (value: T) => {
          clearTimeout(late);
          then(value);
        };
      const done = settle(resolve) as (result: Result) => void;
      this.waiting.set(id, { resolve: done, reject: settle(reject) });
      worker.postMessage({ id, version, question } satisfies FigureTask);
    });
  }

  private start(): Worker {
    const worker = new Worker(new URL(workerFile, import.meta.url));
    worker.on('message', (answer: FigureAnswer) => {
      const asker = this.waiting.get(answer.id);
      this.waiting.delete(answer.id);
      if ('result' in answer) asker?.resolve(answer.result);
      else if ('problem' in answer) asker?.reject(new ProblemError(answer.problem));
      else if ('engineAway' in answer) asker?.reject(new EngineAway(answer.engineAway));
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
