import { createConnection } from 'mysql2/promise';
import type { TestPerson, TestServer } from '../server/testing';
import { allTogether, first, noteOf, notesOn, pause } from './ground';
import { second, tell, third, twoServers, until } from './ground';
import { writeOn } from './load';
import { statusOf } from './setup/cluster.mjs';
import { killNode, letUp, type Node } from './setup/node.mjs';

/*
 * A node that has lost the others neither writes nor tells what may be old.
 */
let here: TestServer;
let there: TestServer;
let maren: TestPerson;
let marenThere: TestPerson;
let board: { chartId: number; dashboardId: number };

beforeAll(async () => {
  ({ here, there, maren, marenThere } = await twoServers());
  board = await maren.board(await maren.source('Day,Fares\n2026-01-05,1\n'));
});

afterAll(async () => {
  await there.stop();
  await here.stop();
});

it('goes to another node when the one that is written has lost the others and answers still', async () => {
  const alone = (set: 0 | 1) =>
    atRoot(first, `SET GLOBAL wsrep_provider_options = 'gmcast.isolate=${set}'`);
  const { clients, stop } = writeOn([maren, marenThere], board.chartId, 4);
  await pause(1000);
  const begun = Date.now();
  await alone(1);
  await until(async () => (await statusOf(first, 'wsrep_ready')) === 'OFF', 30);
  await until(
    () => clients.every(({ lastKept }) => lastKept > Date.now() - 1000 && lastKept > begun + 4000),
    30,
  );
  tell(`the written node alone: written elsewhere after ${Date.now() - begun} ms`);
  await alone(0);
  await allTogether();
  await stop();
  expect(clients.flatMap(({ unforeseen }) => unforeseen)).toEqual([]);
  for (const { away } of clients) expect(away).toBeLessThanOrEqual(2);
  const kept = clients.flatMap((client) => client.kept);
  const found = new Set(await notesOn(marenThere, board.dashboardId));
  expect(kept.filter((text) => !found.has(text))).toEqual([]);
});

it('says in a sentence that the database is away while one node of three is left, and goes on when they are back', async () => {
  const before = (await notesOn(maren, board.dashboardId)).length;
  for (const node of [first, second]) killNode(node, { staysDown: true });
  await until(async () => (await statusOf(third, 'wsrep_ready')) === 'OFF', 30);
  await pause(2000);
  for (const [server, person] of [
    [here, maren],
    [there, marenThere],
  ] as const) {
    expect((await fetch(`${server.origin}/health`)).status).toBe(200);
    expect((await fetch(`${server.origin}/ready`)).status).toBe(503);
    for (const [method, path, body] of [
      ['GET', `/dashboards/${board.dashboardId}`, undefined],
      ['POST', `/charts/${board.chartId}/notes`, noteOf('alone')],
    ] as const) {
      const answer = await person.send(method, path, body);
      expect([answer.status, answer.body.detail]).toEqual([
        503,
        expect.stringContaining('The database does not answer just now.'),
      ]);
    }
  }
  const begun = Date.now();
  letUp(first);
  letUp(second);
  await allTogether();
  tell(`two nodes away: all three at work ${Date.now() - begun} ms after they were started`);
  for (const [at, person] of [maren, marenThere].entries()) {
    expect((await notesOn(person, board.dashboardId)).length).toBe(before + at);
    const answer = await person.send('POST', `/charts/${board.chartId}/notes`, noteOf('again'));
    expect(answer.status).toBe(201);
  }
});

async function atRoot(node: Node, statement: string) {
  const connection = await createConnection({ socketPath: `${node.home}/sock`, user: 'root' });
  await connection.query(statement);
  await connection.end();
}
