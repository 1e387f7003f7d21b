import DataLoader from 'dataloader';
import type { Database } from './connection';

/** As many questions as one statement takes. */
const mostAtOnce = 200;

/**
 * Makes one statement of the questions of requests that arrive together. Nothing is remembered: each
 * question is answered by a statement that began after it was asked.
 * @param ask answers several questions, in their order
 */
export function askTogether<Question, Answer>(
  ask: (database: Database, questions: readonly Question[]) => Promise<Answer[]>,
): (database: Database, question: Question) => Promise<Answer> {
  const loaders = new WeakMap<Database, DataLoader<Question, Answer>>();
  return (database, question) => {
    let loader = loaders.get(database);
    if (!loader) {
      loader = new DataLoader((questions) => ask(database, questions), {
        cache: false,
        maxBatchSize: mostAtOnce,
        // Once all that has arrived by now has been taken in.
        batchScheduleFn: (send) => setImmediate(send),
      });
      loaders.set(database, loader);
    }
    return loader.load(question);
  };
}
