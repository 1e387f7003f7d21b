import { ProblemError } from '../../core/values';
import { settings } from '../settings';
import { EngineProcess, type Watch } from './engineProcess';
import type { EngineResults, EngineTask } from './tasks';

/** The engine cannot be loaded on this machine. */
export class EngineMissing extends Error {
  constructor(reason: string) {
    super(reason);
    this.name = 'EngineMissing';
  }
}

/** A file that the engine was to read was removed just before. */
export class FileGone extends Error {
  constructor(reason: string) {
    super(reason);
    this.name = 'FileGone';
  }
}

const tooMuch = new ProblemError({
  code: 'too-much-memory',
  sentence:
    'This takes more memory and room on disk than this server gives to one question. Leave columns or rows out, or have more given to its engine.',
});

/** @param reason as the engine says it */
function failureOf(reason: string): Error {
  if (/Out of Memory Error/.test(reason)) return tooMuch;
  return /No files found|No such file/.test(reason) ? new FileGone(reason) : new Error(reason);
}

/** How long an engine waits for work before it goes, in milliseconds. */
const idleFor = 60_000;

/** A few engines, begun as they are needed; who finds none free waits for its turn. */
export class Engines {
  private readonly idle: { engine: EngineProcess; leaves: NodeJS.Timeout }[] = [];
  private readonly waiting: ((engine: EngineProcess) => void)[] = [];
  private count = 0;
  private missing: string | null = null;

  constructor(private readonly most: number) {}

  /**
   * Has a task done.
   * @throws EngineAway when the engine breaks down over it, EngineMissing when there is none
   */
  async run<Task extends EngineTask>(
    task: Task,
    watch: Watch = {},
  ): Promise<EngineResults[Task['kind']]> {
    if (this.missing !== null) throw new EngineMissing(this.missing);
    const engine = await this.take();
    try {
      const answer = await engine.run(task, watch);
      if ('missing' in answer) {
        this.missing = answer.missing;
        throw new EngineMissing(answer.missing);
      }
      if ('failed' in answer) throw failureOf(answer.failed);
      return answer.result as EngineResults[Task['kind']];
    } finally {
      this.giveBack(engine);
    }
  }

  /** Why there is no engine here; null where there is one. */
  async whyMissing(): Promise<string | null> {
    try {
      await this.run({ kind: 'ask', sql: 'SELECT 1', values: [] });
    } catch (error) {
      if (error instanceof EngineMissing) return error.message;
    }
    return null;
  }

  private take(): EngineProcess | Promise<EngineProcess> {
    for (let free = this.idle.pop(); free; free = this.idle.pop()) {
      clearTimeout(free.leaves);
      if (!free.engine.isGone) return free.engine;
      this.count -= 1;
    }
    if (this.count < this.most) {
      this.count += 1;
      return new EngineProcess();
    }
    return new Promise((resolve) => this.waiting.push(resolve));
  }

  private giveBack(engine: EngineProcess) {
    const next = this.waiting.shift();
    if (next) return next(engine.isGone ? new EngineProcess() : engine);
    if (engine.isGone) {
      this.count -= 1;
      return;
    }
    const leave = () => {
      const place = this.idle.findIndex((each) => each.engine === engine);
      if (place < 0) return;
      this.idle.splice(place, 1);
      this.count -= 1;
      engine.end();
    };
    this.idle.push({ engine, leaves: setTimeout(leave, idleFor).unref() });
  }
}

/** The engines of this process. */
export const engines = new Engines(settings.enginesAtOnce);
