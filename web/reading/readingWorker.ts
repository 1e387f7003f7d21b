import { readChart } from '../../core/reading';
import { receiver, type SentQuestion } from './readingChannel';

const receive = receiver();

/** Reads large charts off the page's own thread. */
self.addEventListener('message', ({ data }: MessageEvent<SentQuestion>) => {
  self.postMessage(readChart(...receive(data)));
});
