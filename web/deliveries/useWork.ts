import { useState } from 'react';
import { sayProblem, type Tell } from '../api';

/** Long work that is under way. */
export interface Work {
  doing: string;
  /** how much is done, 0 to 1; null while nobody knows */
  share: number | null;
  stop: AbortController;
}

const words: Record<string, string> = {
  reading: 'Reading the file',
  storing: 'Storing the rows',
  comparing: 'Comparing with the rows of the source',
};

/** Runs one piece of long work at a time; what fails is said, what is stopped is not. */
export function useWork() {
  const [work, setWork] = useState<Work | null>(null);
  const [problem, setProblem] = useState('');
  const run = async (doing: string, task: (tell: Tell, stop: AbortSignal) => Promise<void>) => {
    work?.stop.abort();
    const stop = new AbortController();
    setProblem('');
    setWork({ doing, share: null, stop });
    const tell: Tell = (phase, share, rows) => {
      if (stop.signal.aborted) return;
      const many = rows > 0 ? `, ${rows.toLocaleString('en-GB')} rows` : '';
      setWork({ doing: `${words[phase] ?? phase}${many}`, share, stop });
    };
    try {
      await task(tell, stop.signal);
    } catch (error) {
      if (!stop.signal.aborted)
        setProblem(error instanceof Error ? error.message : sayProblem(error));
    } finally {
      setWork((now) => (now?.stop === stop ? null : now));
    }
  };
  return { work, problem, setProblem, run };
}
