import type { Response } from 'express';
import type { BoardStamp } from '../../contract';
import { Refusal } from '../http';
import { settings } from '../settings';

/** How often it is asked what has changed, in milliseconds. */
const lookEvery = 1000;
/** A stream ends after so long, and its reader is asked anew whether they may read, in milliseconds. */
const longest = 5 * 60_000;
/** More that a reader has not taken in than this, in bytes, and the stream is cut off. */
const mostUnsent = 16 * 1024;

interface Stream {
  asker: string;
  response: Response;
}

/**
 * Tells those who look at dashboards that something on them has changed, and nothing of what it is. One
 * question a second asks the database for all that are looked at here, so that a change that another
 * process has made is told as well. No stream holds anything but its socket.
 */
export class LiveBoards {
  private readonly streams = new Map<number, Set<Stream>>();
  private readonly known = new Map<number, string>();
  private looking: NodeJS.Timeout | null = null;

  constructor(
    private readonly read: (ids: readonly number[]) => Promise<Map<number, BoardStamp>>,
  ) {}

  /**
   * Opens a stream of events for somebody who may read a dashboard.
   * @throws Refusal 429 when they have too many open
   */
  watch(dashboardId: number, asker: string, response: Response) {
    // Who has left while they were asked who they are would never be seen to leave.
    if (response.closed || response.destroyed) return;
    const all = [...this.streams.values()].flatMap((streams) => [...streams]);
    const own = all.filter((each) => each.asker === asker).length;
    if (own >= settings.liveStreams || all.length >= settings.liveStreamsInAll)
      throw new Refusal(429, {
        code: 'too-many-streams',
        sentence: 'Too many dashboards are open at once to show their changes as they come.',
      });
    const stream = { asker, response };
    const streams = this.streams.get(dashboardId) ?? new Set();
    this.streams.set(dashboardId, streams.add(stream));
    response.writeHead(200, { 'Content-Type': 'text/event-stream', 'X-Accel-Buffering': 'no' });
    response.write('retry: 2000\n\n');
    // What it stands at now is told at the next look.
    this.known.delete(dashboardId);
    const end = setTimeout(() => response.end(), longest);
    response.once('close', () => {
      clearTimeout(end);
      streams.delete(stream);
      if (streams.size > 0) return;
      this.streams.delete(dashboardId);
      this.known.delete(dashboardId);
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
    const stamps = await this.read([...this.streams.keys()]);
    for (const [id, streams] of this.streams) {
      const stamp = JSON.stringify(stamps.get(id) ?? null);
      if (stamp === this.known.get(id)) continue;
      this.known.set(id, stamp);
      for (const { response } of streams) {
        if (response.writableLength > mostUnsent) response.destroy();
        else response.write(`data: ${stamp}\n\n`);
      }
    }
  }
}
