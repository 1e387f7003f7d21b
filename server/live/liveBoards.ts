import type { Response } from 'express';
import type { BoardStamp, DashboardRole } from '../../contract';
import type { StampOf, Watcher } from '../dashboards';
import { Refusal } from '../http';
import { settings } from '../settings';

/** How often it is asked what has changed, in milliseconds. */
const lookEvery = 1000;
/** A stream ends after so long, and its reader is asked anew whether they may read, in milliseconds. */
const longest = 5 * 60_000;
/** More that a reader has not taken in than this, in bytes, and the stream is cut off. */
const mostUnsent = 16 * 1024;

interface Stream {
  /** whose share of streams it takes */
  asker: string;
  watcher: Watcher;
  response: Response;
  /** what was told last */
  told: string;
}

/** What is asked of the database once a second, for all who look. */
export interface LiveQuestions {
  roles(watchers: readonly Watcher[]): Promise<(DashboardRole | null)[]>;
  stamps(ids: readonly number[], of: StampOf): Promise<Map<number, BoardStamp>>;
}

/**
 * Tells those who look at dashboards that something on them has changed, and nothing of what it is. Once
 * a second the database is asked who may still look, and what stands where they look; so what another
 * process has changed is told as well, and who may look no more is cut off wherever that was taken back.
 * No stream holds anything but its socket.
 */
export class LiveBoards {
  private readonly streams = new Set<Stream>();
  private looking: NodeJS.Timeout | null = null;

  constructor(private readonly ask: LiveQuestions) {}

  /**
   * Opens a stream of events for somebody who may read a dashboard.
   * @throws Refusal 429 when they have too many open
   */
  watch(watcher: Watcher, asker: string, response: Response) {
    // Who has left while they were asked who they are would never be seen to leave.
    if (response.closed || response.destroyed) return;
    const own = [...this.streams].filter((each) => each.asker === asker).length;
    if (own >= settings.liveStreams || this.streams.size >= settings.liveStreamsInAll)
      throw new Refusal(429, {
        code: 'too-many-streams',
        sentence: 'Too many dashboards are open at once to show their changes as they come.',
      });
    const stream: Stream = { asker, watcher, response, told: '' };
    this.streams.add(stream);
    response.writeHead(200, { 'Content-Type': 'text/event-stream', 'X-Accel-Buffering': 'no' });
    response.write('retry: 2000\n\n');
    const end = setTimeout(() => response.end(), longest);
    response.once('close', () => {
      clearTimeout(end);
      this.streams.delete(stream);
    });
    this.look();
  }

  private look() {
    if (this.looking || this.streams.size === 0) return;
    this.looking = setTimeout(() => {
      this.tell()
        // While the database is away nothing can have been seen to change.
        .catch(() => {})
        .finally(() => {
          this.looking = null;
          this.look();
        });
    }, lookEvery);
    this.looking.unref();
  }

  private async tell() {
    const streams = [...this.streams];
    const roles = await this.ask.roles(streams.map(({ watcher }) => watcher));
    const of = (wanted: StampOf) =>
      streams.filter((_, at) => roles[at] && (roles[at] === 'reader') === (wanted === 'readers'));
    for (const { response } of streams.filter((_, at) => !roles[at])) response.end();
    for (const wanted of ['readers', 'editors'] as const) {
      const own = of(wanted);
      const ids = [...new Set(own.map(({ watcher }) => watcher.dashboardId))];
      if (ids.length === 0) continue;
      const stamps = await this.ask.stamps(ids, wanted);
      for (const stream of own) tellOne(stream, stamps.get(stream.watcher.dashboardId));
    }
  }
}

function tellOne(stream: Stream, stamp: BoardStamp | undefined) {
  const { response, told } = stream;
  const text = JSON.stringify(stamp ?? null);
  if (text === told) return;
  stream.told = text;
  if (response.writableLength > mostUnsent) response.destroy();
  else response.write(`data: ${text}\n\n`);
}
