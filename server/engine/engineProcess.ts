import { type ChildProcess, fork } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { settings } from '../settings';
import type { EngineAnswer, EngineTask } from './tasks';

/** Built beside the server's entry. */
const program = './engine.js';

/** The engine did not answer: it broke down, or took too long, and is begun anew. */
export class EngineAway extends Error {
  constructor(reason: string) {
    super(reason);
    this.name = 'EngineAway';
  }
}

/** How a task is waited for. */
export interface Watch {
  /** for which it may work on it; missing: as for a question */
  seconds?: number;
  /** is told how many statements of a script are done */
  onStep?: (done: number) => void;
}

type LastAnswer = Exclude<EngineAnswer, { step: number }>;

/** A process in which the engine works, one task after another. */
export class EngineProcess {
  private readonly child: ChildProcess;
  private gone = false;

  constructor() {
    this.child = fork(fileURLToPath(new URL(program, import.meta.url)), {
      execArgv: ['--max-old-space-size=1024'],
      serialization: 'advanced',
      stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    });
    this.child.once('exit', () => (this.gone = true));
    this.child.on('error', () => (this.gone = true));
    // One that waits for work keeps no server running.
    this.child.unref();
    this.child.channel?.unref();
  }

  get isGone() {
    return this.gone;
  }

  end() {
    this.gone = true;
    this.child.kill('SIGKILL');
  }

  /** @throws EngineAway when it ends before it has answered, or takes too long */
  run(task: EngineTask, { seconds, onStep }: Watch): Promise<LastAnswer> {
    const { child } = this;
    return new Promise((resolve, reject) => {
      const settle = () => {
        clearTimeout(late);
        child.off('message', onAnswer).off('exit', onExit).off('error', onExit);
        child.channel?.unref();
      };
      const onAnswer = (answer: EngineAnswer) => {
        if ('step' in answer) return onStep?.(answer.step);
        settle();
        resolve(answer);
      };
      const onExit = () => {
        settle();
        reject(new EngineAway('the engine has ended'));
      };
      const late = setTimeout(
        () => {
          this.end();
          reject(new EngineAway('the engine took too long'));
        },
        (seconds ?? settings.engineSeconds) * 1000,
      );
      child.on('message', onAnswer).once('exit', onExit).once('error', onExit);
      if (this.gone) return onExit();
      // While it works for somebody, the process waits for it.
      child.channel?.ref();
      child.send(task, (error) => error && onExit());
    });
  }
}
