import { readChart } from '../../core/reading';
import type { Question } from './readingQueue';

/** Reads large charts off the page's own thread. */
self.addEventListener('message', ({ data }: MessageEvent<Question>) => {
  self.postMessage(readChart(...data));
});
