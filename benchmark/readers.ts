import { spawn } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer, TestPerson } from '../server/testing';
import { answersPerSecond } from './load';
import { median } from './median';
import type { Measured } from './report';

const seconds = 2;
const rounds = 3;

/** Readers of the demo dashboard asking for its figures, against a bare route with the same bytes. */
export async function measureReaders(): Promise<Measured[]> {
  const server = await startServer({ demo: true, env: { STAND_MARK_TODAY: '2026-11-23' } });
  try {
    const port = Number(new URL(server.origin).port);
    const reader = new TestPerson(server.origin);
    await reader.send('POST', '/session/demo', { as: 'reader' });
    const path = '/charts/1/frames';
    const { body } = await reader.send('GET', path);
    const bare = await bareRoute(Buffer.from(JSON.stringify(body)));
    try {
      const own = { port, path: `/api${path}`, headers: { Cookie: reader.cookie } };
      const peer = { port: bare.port, path: '/figures' };
      return [await compare('50 readers asking for a demo chart’s figures', own, peer, 50)];
    } finally {
      bare.stop();
    }
  } finally {
    await server.stop();
  }
}

async function compare(
  work: string,
  own: Parameters<typeof answersPerSecond>[0],
  peer: Parameters<typeof answersPerSecond>[0],
  connections: number,
): Promise<Measured> {
  const speeds = { own: [] as number[], peer: [] as number[] };
  await answersPerSecond(own, { connections, seconds: 1 });
  for (let round = 0; round < rounds; round += 1) {
    speeds.own.push(await answersPerSecond(own, { connections, seconds }));
    speeds.peer.push(await answersPerSecond(peer, { connections, seconds }));
  }
  const [ours, theirs] = [median(speeds.own), median(speeds.peer)];
  return {
    work,
    own: `${Math.round(ours)} answers a second`,
    peer: `a bare Express route sending the same bytes (${Math.round(theirs)})`,
    ratio: ours / theirs,
    limit: { atLeast: 0.4 },
  };
}

function bareRoute(bytes: Buffer): Promise<{ port: number; stop: () => void }> {
  const file = join(mkdtempSync(join(tmpdir(), 'bare-')), 'figures.json');
  writeFileSync(file, bytes);
  const child = spawn(process.execPath, ['dist/server/bareServer.js', file]);
  return new Promise((resolve) => {
    child.stdout.once('data', (line: Buffer) =>
      resolve({ port: Number(String(line)), stop: () => void child.kill() }),
    );
  });
}
