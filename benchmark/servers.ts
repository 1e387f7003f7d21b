import { startServer, TestPerson, type TestServer } from '../server/testing';
import { answersPerSecond } from './load';
import { median } from './median';
import { databaseOf, secondsWorked } from './processes';
import type { Measured } from './report';

const connections = 50;
const seconds = 3;
const rounds = 5;
const path = '/charts/1/frames';

/** Readers of the demo dashboard asking two servers of one database, against one. */
export async function measureServers(): Promise<Measured[]> {
  const env = { STAND_MARK_TODAY: '2026-11-23' };
  const one = await startServer({ demo: true, env });
  const other = await startServer({ beside: one, env });
  try {
    const reader = new TestPerson(one.origin);
    await reader.send('POST', '/session/demo', { as: 'reader' });
    const asked = (server: TestServer) => ({
      port: Number(new URL(server.origin).port),
      path: `/api${path}`,
      headers: { Cookie: reader.cookie },
    });
    const ask = async (servers: TestServer[], length = seconds) => {
      const share = { connections: connections / servers.length, seconds: length };
      const speeds = await Promise.all(
        servers.map((server) => answersPerSecond(asked(server), share)),
      );
      return speeds.reduce((sum, each) => sum + each, 0);
    };
    await ask([one, other], 1);
    const speeds = { one: [] as number[], two: [] as number[] };
    const parts = new Parts(one);
    for (let round = 0; round < rounds; round += 1) {
      speeds.one.push(await parts.during(() => ask([one])));
      speeds.two.push(await ask([one, other]));
    }
    parts.say();
    const [alone, both] = [median(speeds.one), median(speeds.two)];
    return [
      {
        work: `${connections} readers asking two servers of one database`,
        own: `${Math.round(both)} answers a second`,
        peer: `one server (${Math.round(alone)})`,
        ratio: both / alone,
        limit: { atLeast: 0.9 },
      },
    ];
  } finally {
    await other.stop();
    await one.stop();
  }
}

/** What of an answer each part works for: servers bear it one each, the database bears that of all. */
class Parts {
  private answers = 0;
  private server = 0;
  private database = 0;
  private readonly databaseProcess: number;

  constructor(private readonly one: TestServer) {
    this.databaseProcess = databaseOf(one.databaseUrl) ?? 0;
  }

  async during(ask: () => Promise<number>): Promise<number> {
    const worked = () => [this.one.pid, this.databaseProcess].map(secondsWorked);
    const [server = 0, database = 0] = worked();
    const perSecond = await ask();
    const [serverNow = 0, databaseNow = 0] = worked();
    this.answers += perSecond * seconds;
    this.server += serverNow - server;
    this.database += databaseNow - database;
    return perSecond;
  }

  /** With cores of their own, servers answer side by side until the database has its hands full. */
  say() {
    const [server, database] = [this.server / this.answers, this.database / this.answers];
    const microseconds = (each: number) => `${Math.round(each * 1e6)} µs`;
    console.log(
      `an answer takes ${microseconds(server)} of a server and ${microseconds(database)} of the database: with a core each, a server gives ${Math.round(1 / server)} answers a second, two give ${(Math.min(2 / server, 1 / database) * server).toFixed(1)} times as many, and one core of the database serves ${(server / database).toFixed(1)} of them`,
    );
  }
}
