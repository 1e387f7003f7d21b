import { type ChildProcess, fork } from 'node:child_process';
import { constants, setPriority } from 'node:os';
import { fileURLToPath } from 'node:url';
import { settings } from '../settings';
import { residentBytes, secondsAtWork } from './processUse';
import type { DeliveryMessage, DeliveryTask, ReadingWord } from './task';

/** Built beside the server's entry. */
const program = './fileReader.js';

const megabyte = 1024 * 1024;

/** How often it is looked how much a process takes, in milliseconds. */
const lookEvery = 40;
/** A reading that has been at work for longer lets others go first, in seconds. */
const lastingAfter = 1;
/** A reading that is kept waiting by others may take so many times as long by the clock. */
const mostWaiting = 10;
/** A process that has more than this after its work is not kept for the next one, in bytes. */
const mostKept = 300 * megabyte;
/** The largest heap of any reading, in megabytes. */
const mostHeap = 1600;

/** What one reading may take. */
export interface ReadingLimits {
  /** of resident memory */
  bytes: number;
  /** at work: on a busy machine a file is not refused for what others take */
  seconds: number;
}

/**
 * How a reading ended: by itself, beyond a limit, without getting to work, by whoever stopped it, or by
 * breaking down.
 */
export type ReadingEnd =
  'ended' | 'tooMuchMemory' | 'tooLong' | 'keptWaiting' | 'stopped' | 'broken';

/**
 * A process that reads files, one after another. A file that takes too much of it, or breaks it, takes
 * nothing else along: the process is killed, and another begun for the next file.
 */
export class FileProcess {
  private readonly child: ChildProcess;
  private gone = false;
  /** a reading that lasts steps back behind all others; its process stays behind for good */
  private steppedBack = false;

  constructor() {
    this.child = fork(fileURLToPath(new URL(program, import.meta.url)), {
      execArgv: [`--max-old-space-size=${mostHeap}`, '--max-semi-space-size=64'],
      serialization: 'advanced',
      // What an engine prints when its memory is at an end tells nobody here anything.
      stdio: ['ignore', 'inherit', 'ignore', 'ipc'],
    });
    this.child.once('exit', () => (this.gone = true));
    this.child.on('error', () => (this.gone = true));
    // One that waits for work keeps no server running.
    this.child.unref();
    this.child.channel?.unref();
  }

  /** Whether it can be given another file. */
  get isReusable(): boolean {
    return !this.gone && !this.steppedBack && residentBytes(this.child.pid) < mostKept;
  }

  end() {
    this.child.kill('SIGKILL');
  }

  private stepBack() {
    this.steppedBack = true;
    try {
      setPriority(this.child.pid ?? 0, constants.priority.PRIORITY_LOW);
    } catch {
      // It has just ended, or the machine knows no priorities.
    }
  }

  /**
   * Works on a task.
   * @param stop ends the work at once, and the process with it
   * @param tell receives every step
   */
  run(
    task: DeliveryTask,
    limits: ReadingLimits,
    stop: AbortSignal,
    tell: (message: DeliveryMessage) => void,
  ): Promise<ReadingEnd> {
    const { child } = this;
    return new Promise((resolve) => {
      let why: ReadingEnd = 'broken';
      const kill = (reason: ReadingEnd) => {
        why = reason;
        this.end();
      };
      const onStop = () => kill('stopped');
      const onMessage = (message: DeliveryMessage | ReadingWord) => {
        if (typeof message !== 'string') return tell(message);
        if (message === 'spent') this.gone = true;
        finish('ended');
      };
      // Ended by the engine itself when its heap is full.
      const onExit = (code: number | null, signal: string | null) =>
        finish(why === 'broken' && (signal === 'SIGABRT' || code === 134) ? 'tooMuchMemory' : why);
      const finish = (end: ReadingEnd) => {
        clearInterval(looking);
        clearTimeout(late);
        stop.removeEventListener('abort', onStop);
        child.off('message', onMessage).off('exit', onExit);
        resolve(end);
      };
      const before = secondsAtWork(child.pid);
      const looking = setInterval(() => {
        if (residentBytes(child.pid) > limits.bytes) return kill('tooMuchMemory');
        const seconds = secondsAtWork(child.pid) - before;
        if (seconds > limits.seconds) kill('tooLong');
        else if (seconds > lastingAfter && !this.steppedBack) this.stepBack();
      }, lookEvery);
      const late = setTimeout(() => kill('keptWaiting'), limits.seconds * mostWaiting * 1000);
      child.on('message', onMessage).on('exit', onExit);
      stop.addEventListener('abort', onStop, { once: true });
      if (this.gone) return finish('broken');
      child.send(task, (error) => error && kill('broken'));
    });
  }
}

/** What reading a file of so many bytes may take. */
export function readingLimits({ upload, kind }: DeliveryTask): ReadingLimits {
  const megabytes = upload.bytes / megabyte;
  // What is larger is read row by row, or not at all; of what is larger still, the first rows.
  const held = Math.min(upload.bytes, settings.wholeFileBytes) / megabyte;
  const looked = Math.min(upload.bytes, settings.lookedAtWholeBytes) / megabyte;
  return {
    bytes: (settings.fileMemory + settings.fileMemoryPerMegabyte * held) * megabyte,
    seconds:
      kind === 'understand'
        ? settings.understandSeconds + settings.understandSecondsPerMegabyte * looked
        : settings.deliverySeconds + settings.deliverySecondsPerMegabyte * megabytes,
  };
}
