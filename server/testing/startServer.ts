import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { createServer } from 'node:net';
import { createConnection } from 'mysql2/promise';

/** A server with a database of its own, for tests. */
export interface TestServer {
  origin: string;
  /** the process' id */
  pid: number;
  databaseUrl: string;
  /** everything the server has printed */
  output: () => string;
  stop: () => Promise<void>;
  /** ends it as a crash would, and leaves its database */
  kill: () => Promise<void>;
}

const running = new Set<TestServer>();

/** Ends, as a crash would, every server that a failed test left running. */
export async function endWhatStillRuns(): Promise<void> {
  await Promise.all([...running].map((server) => server.kill()));
}

/** Makes an empty database beside the one that TEST_DATABASE_URL names. */
export async function makeDatabase(): Promise<{ url: string; drop: () => Promise<void> }> {
  const base = process.env.TEST_DATABASE_URL;
  if (!base) throw new Error('TEST_DATABASE_URL is not set. Run the tests with: npm test');
  const name = `standmark_${randomBytes(6).toString('hex')}`;
  const statement = async (text: string) => {
    const connection = await createConnection(base);
    await connection.query(text);
    await connection.end();
  };
  await statement(`CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_bin`);
  const url = new URL(base);
  url.pathname = `/${name}`;
  return { url: url.href, drop: () => statement(`DROP DATABASE ${name}`) };
}

/** The same database by the way that servers beside others take: of a cluster, another node. */
function besideUrl(databaseUrl: string): string {
  const other = process.env.TEST_DATABASE_BESIDE_URL;
  const usual = new URL(databaseUrl);
  const isUsual = usual.host === new URL(process.env.TEST_DATABASE_URL ?? '').host;
  if (!other || !isUsual) return databaseUrl;
  const url = new URL(other);
  url.pathname = usual.pathname;
  return url.href;
}

/** Runs one of the server's own programs to its end. */
export function runProgram(
  name: 'migrate' | 'fillDemo',
  databaseUrl: string,
  env: NodeJS.ProcessEnv = {},
) {
  const ended = spawnSync(process.execPath, [`dist/server/${name}.js`], {
    env: { ...process.env, DATABASE_URL: databaseUrl, ...env },
    encoding: 'utf8',
  });
  if (ended.status !== 0) throw new Error(`${name} ended with ${ended.status}: ${ended.stderr}`);
}

/**
 * Starts a server on a port of its own.
 * @param demo fills the demo in
 * @param beside shares the database of a server that runs already
 * @param build the folder that server and interface were built into
 */
export async function startServer({
  demo = false,
  env = {} as NodeJS.ProcessEnv,
  beside = null as TestServer | null,
  build = 'dist',
} = {}): Promise<TestServer> {
  const { url, drop } = beside
    ? { url: besideUrl(beside.databaseUrl), drop: async () => {} }
    : await makeDatabase();
  if (!beside) runProgram('migrate', url);
  if (demo) runProgram('fillDemo', url, env);
  const port = await freePort();
  const server = spawn(process.execPath, [`${build}/server/serve.js`], {
    env: {
      ...process.env,
      DATABASE_URL: url,
      // Nobody here learns anything by the time that an answer takes.
      STAND_MARK_ALIKE_MILLISECONDS: '5',
      ...env,
      PORT: String(port),
      STAND_MARK_DEMO: demo ? '1' : '',
    },
  });
  let output = '';
  server.stdout.on('data', (chunk) => (output += chunk));
  server.stderr.on('data', (chunk) => (output += chunk));
  await said(
    server,
    () => output.includes('open http'),
    () => output,
  );
  const end = async (signal: NodeJS.Signals) => {
    running.delete(started);
    if (server.exitCode !== null || server.signalCode !== null) return;
    const ended = new Promise((done) => server.once('close', done));
    server.kill(signal);
    await ended;
  };
  const started: TestServer = {
    origin: `http://127.0.0.1:${port}`,
    pid: server.pid ?? 0,
    databaseUrl: url,
    output: () => output,
    stop: async () => {
      await end('SIGTERM');
      await drop();
    },
    kill: () => end('SIGKILL'),
  };
  running.add(started);
  return started;
}

function said(server: ChildProcess, ready: () => boolean, output: () => string): Promise<void> {
  return new Promise((resolve, reject) => {
    const look = setInterval(() => {
      if (!ready()) return;
      clearInterval(look);
      resolve();
    }, 25);
    server.once('close', () => {
      clearInterval(look);
      reject(new Error(`The server ended: ${output()}`));
    });
  });
}

function freePort(): Promise<number> {
  return new Promise((found) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => found(typeof address === 'object' && address ? address.port : 0));
    });
  });
}
