import type { Dashboard } from '../contract';
import { startServer, TestPerson, type TestServer } from '../server/testing';
import { joined, nodeBehind, runningCluster, statusOf, urlAt } from './setup/cluster.mjs';
import { type Node, nodeRuns } from './setup/node.mjs';

const { nodes, proxy } = runningCluster(process.env.STAND_MARK_CLUSTER ?? '.test-cluster');

/** The three nodes, in the order in which they are written. */
export const [first, second, third] = nodes as [Node, Node, Node];

/** Where a node holds the database that a server works with. */
export function databaseAt(node: Node, databaseUrl: string): string {
  const url = new URL(urlAt(node.port));
  url.pathname = new URL(databaseUrl).pathname;
  return url.href;
}

/** Two servers of one database, and somebody who is known at both. */
export interface TwoServers {
  here: TestServer;
  there: TestServer;
  maren: TestPerson;
  marenThere: TestPerson;
}

/**
 * Starts two servers once all nodes are together.
 * @param node where the second works, unless it goes the way of all
 */
export async function twoServers(
  env: Record<string, string> = wide,
  node?: Node,
): Promise<TwoServers> {
  goTheSameWay();
  await allTogether();
  if (node) process.env.TEST_DATABASE_BESIDE_URL = urlAt(node.port);
  const here = await startServer({ env });
  const there = await startServer({ beside: here, env });
  const maren = await TestPerson.signedUp(here.origin, 'maren');
  return { here, there, maren, marenThere: maren.before(there.origin) };
}

/** Servers beside others go the way of all from here on, not to a node of their own. */
export function goTheSameWay() {
  delete process.env.TEST_DATABASE_BESIDE_URL;
}

/** Waits until all nodes run, have what the others have, and count all three. */
export async function allTogether() {
  for (const node of nodes) await joined(node);
  await until(async () => (await statusOf(first, 'wsrep_cluster_size')) === '3');
  // A node that is back is written again once the way has seen it answer a few times …
  await until(async () => (await nodeBehind(proxy)) === first.name);
  // … and has ended all connections to the one that was written meanwhile.
  await pause(500);
}

/** The node that is written: the first that runs. */
export const written = (): Node => nodes.find(nodeRuns) ?? first;

export const pause = (milliseconds: number) =>
  new Promise<void>((done) => setTimeout(done, milliseconds));

/**
 * Waits until something holds.
 * @throws Error after so many seconds
 */
export async function until(holds: () => Promise<boolean> | boolean, seconds = 120) {
  const end = Date.now() + seconds * 1000;
  while (!(await holds())) {
    if (Date.now() > end)
      throw new Error(`It did not come to that in ${seconds} s: ${String(holds)}`);
    await pause(100);
  }
}

/** Says what was measured, beside what is held to. */
export const tell = (line: string) => void process.stdout.write(`stand mark: ${line}\n`);

export const noteOf = (text: string) => ({ day: '2026-01-05', series: null, text, colour: 'moss' });

/** Limits of one person as wide as a test needs them. */
export const wide = {
  STAND_MARK_DASHBOARDS_OF_PERSON: '5000',
  STAND_MARK_NOTES_OF_DASHBOARD: '100000',
  STAND_MARK_NOTES_OF_PERSON: '100000',
  STAND_MARK_BRING_INS_AT_ONCE: '8',
  STAND_MARK_UPLOADS_AT_ONCE: '8',
};

/** The texts of all notes on a dashboard. */
export async function notesOn(person: TestPerson, dashboardId: number): Promise<string[]> {
  const { body } = await person.send<Dashboard>('GET', `/dashboards/${dashboardId}`);
  return body.notes.map(({ text }) => text);
}
