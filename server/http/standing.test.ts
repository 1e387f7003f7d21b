import { connect, createServer, type Server, type Socket } from 'node:net';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
const people: TestPerson[] = [];
const csv = 'Day,Fares\n2026-01-05,1\n';

/** The limits as small as they can be told from one another. */
const env = {
  STAND_MARK_UPLOADS_AT_ONCE: '2',
  STAND_MARK_READINGS_AT_ONCE: '2',
  STAND_MARK_BRING_INS_AT_ONCE: '1',
  STAND_MARK_UPLOAD_STRETCH_SECONDS: '1',
  STAND_MARK_UPLOAD_STRETCH_BYTES: '1000',
  STAND_MARK_BODY_SECONDS: '1',
  STAND_MARK_REQUESTS_AT_ONCE: '2',
  STAND_MARK_REQUESTS_WAITING: '3',
};

beforeAll(async () => {
  server = await startServer({ env });
  for (const name of ['maren', 'ivo', 'tove', 'wren', 'lena'])
    people.push(await TestPerson.signedUp(server.origin, name));
});

afterAll(() => server.stop());

const person = (place: number) => people[place] as TestPerson;

/** A socket that begins to send a file or a body and then says what the test lets it say. */
function beginSending(who: TestPerson, path: string, type: string): Promise<Socket> {
  const { port } = new URL(server.origin);
  return new Promise((resolve) => {
    const socket = connect(Number(port), '127.0.0.1', () => {
      socket.write(
        `POST /api${path} HTTP/1.1\r\nHost: 127.0.0.1:${port}\r\nX-Stand-Mark: 1\r\nCookie: ${who.cookie}\r\nContent-Type: ${type}\r\nContent-Length: 1000000\r\n\r\n`,
      );
      resolve(socket);
    });
  });
}

/** What a socket is told until the other end closes it. */
function told(socket: Socket): Promise<string> {
  let text = '';
  socket.on('data', (data) => (text += String(data)));
  return new Promise((resolve) => socket.once('close', () => resolve(text)));
}

it('answers everybody while many files arrive a few bytes at a time, and ends those', async () => {
  const sockets = await Promise.all(
    people.flatMap((who) =>
      ['a', 'b'].map((name) =>
        beginSending(who, `/uploads?name=${name}.csv`, 'application/octet-stream'),
      ),
    ),
  );
  const endings = sockets.map(told);
  const drip = setInterval(() => sockets.forEach((socket) => socket.write('Day,Fares\n')), 100);
  const statuses = await Promise.all(people.map((who) => who.send('GET', '/dashboards')));
  expect(statuses.map(({ status }) => status)).toEqual(people.map(() => 200));
  // One more of the same person is refused at once.
  const third = await person(0).send('POST', '/uploads?name=c.csv', csv);
  expect([third.status, third.body.code]).toEqual([429, 'too-many-at-once']);
  for (const ending of await Promise.all(endings))
    expect(ending).toMatch(/^HTTP\/1\.1 408 .*too-slow/s);
  clearInterval(drip);
  expect((await person(0).send('POST', '/uploads?name=c.csv', csv)).status).toBe(201);
});

it('cuts off who begins a request and does not end it', async () => {
  const socket = await beginSending(person(0), '/dashboards', 'application/json');
  const begun = Date.now();
  await told(socket);
  expect(Date.now() - begun).toBeLessThan(10_000);
});

it.each([
  ['reads two files of one person at once, and no third', 'understand', 2, {}],
  [
    'brings one file of one person in at once, and no second',
    'bring-in',
    1,
    { name: 'Figures', form: {} },
  ],
] as const)('%s', async (_, act, most, body) => {
  const rows = Array.from({ length: 40_000 }, (_, row) => `2026-01-05,${row}`).join('\n');
  const who = person(act === 'understand' ? 1 : 2);
  const ids: string[] = [];
  for (let file = 0; file <= most; file += 1)
    ids.push(
      (await who.send<{ id: string }>('POST', '/uploads?name=f.csv', `Day,Fares\n${rows}`)).body.id,
    );
  const answers = await Promise.all(
    ids.map((id) => who.send('POST', `/uploads/${id}/${act}`, body)),
  );
  expect(answers.map(({ status }) => status).sort()).toEqual([
    ...Array<number>(most).fill(200),
    429,
  ]);
  expect((await who.send('POST', `/uploads/${ids[0]}/understand`, {})).status).not.toBe(429);
});

it('brings one file in once, however often it is asked for at the same time', async () => {
  const beside = await startServer({ beside: server, env: { STAND_MARK_BRING_INS_AT_ONCE: '5' } });
  const who = new TestPerson(beside.origin);
  who.cookie = person(3).cookie;
  const { body } = await who.send<{ id: string }>('POST', '/uploads?name=f.csv', csv);
  const path = `/uploads/${body.id}/bring-in`;
  const answers = await Promise.all(
    [1, 2, 3].map(() => who.send('POST', path, { name: 'Once', form: {} })),
  );
  expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409]);
  const { body: sources } = await who.send<unknown[]>('GET', '/sources');
  expect(sources).toHaveLength(1);
  await beside.stop();
});

describe('a database that freezes', () => {
  let frozen = false;
  let isDead = false;
  let proxy: Server;
  const pipes: Socket[] = [];

  beforeAll(async () => {
    const target = new URL(server.databaseUrl);
    proxy = createServer((incoming) => {
      if (isDead) return void incoming.destroy();
      const outgoing = connect(Number(target.port), '127.0.0.1');
      pipes.push(incoming, outgoing);
      incoming.on('data', (data) => void outgoing.write(data));
      outgoing.on('data', (data) => void incoming.write(data));
      for (const socket of [incoming, outgoing]) {
        socket.on('error', () => {});
        socket.on('close', () => [incoming, outgoing].forEach((each) => each.destroy()));
        if (frozen) socket.pause();
      }
    });
    await new Promise<void>((done) => proxy.listen(0, '127.0.0.1', done));
  });

  afterAll(() => {
    pipes.forEach((socket) => socket.destroy());
    proxy.close();
  });

  /** A server that reaches the database by the proxy alone. */
  const serverBehind = (seconds: number, more: NodeJS.ProcessEnv = {}) => {
    const address = new URL(server.databaseUrl);
    address.port = String((proxy.address() as { port: number }).port);
    const waits = { STAND_MARK_DATABASE_SECONDS: String(seconds) };
    const behind = { ...server, databaseUrl: address.href };
    return startServer({ beside: behind, env: { ...env, ...waits, ...more } });
  };

  function freeze(all: boolean) {
    frozen = all;
    pipes.forEach((socket) => (all ? socket.pause() : socket.resume()));
  }

  it('keeps one person waiting in a line of their own, and refuses the one beyond it', async () => {
    const slow = await serverBehind(20);
    const [many, other] = [person(4).before(slow.origin), person(0).before(slow.origin)];
    expect((await many.send('GET', '/dashboards')).status).toBe(200);
    freeze(true);
    const crowd = Array.from({ length: 12 }, () => many.send('GET', '/dashboards'));
    // Two are worked on and three wait, as the limits say; the rest are refused meanwhile.
    await new Promise<void>((done) => {
      let refused = 0;
      for (const each of crowd)
        void each.then(({ status }) => status === 429 && (refused += 1) === 7 && done());
    });
    const late = other.send('GET', '/dashboards');
    freeze(false);
    expect((await late).status).toBe(200);
    const statuses = (await Promise.all(crowd)).map(({ status }) => status);
    expect(statuses.filter((status) => status === 200)).toHaveLength(5);
    await slow.stop();
  });

  it('is said to be away in a sentence, and found again once it answers', async () => {
    const slow = await serverBehind(1);
    const who = person(0).before(slow.origin);
    expect((await who.send('GET', '/dashboards')).status).toBe(200);
    freeze(true);
    const begun = Date.now();
    const answers = await Promise.all([
      who.send('GET', '/dashboards'),
      who.send('GET', '/charts/1/frames'),
      who.send('POST', '/session', { email: 'maren@isles.example', password: 'x' }),
    ]);
    for (const { status, body, headers } of answers) {
      expect([status, body.code, headers.get('retry-after')]).toEqual([503, 'database-away', '2']);
      expect(body.detail).toMatch(/does not answer/);
    }
    expect(Date.now() - begun).toBeLessThan(8000);
    freeze(false);
    expect((await who.send('GET', '/dashboards')).status).toBe(200);
    await slow.stop();
  });

  /** Ends all connections, and takes no more, as a database that has died. */
  function die(dead: boolean) {
    isDead = dead;
    if (dead) pipes.forEach((socket) => socket.destroy());
  }

  it('ends deliveries and changes with a sentence when the database dies, and keeps nobody waiting', async () => {
    const waits = { STAND_MARK_BRING_INS_AT_ONCE: '2', STAND_MARK_FILE_PROCESSES_OF_PERSON: '2' };
    const behind = await serverBehind(3, waits);
    const [who, other] = [person(0).before(behind.origin), person(1).before(behind.origin)];
    const rows = Array.from({ length: 900_000 }, (_, row) => `2026-01-05,${row}`).join('\n');
    const board = await person(0).board(await person(0).source(csv));
    const ids = [
      await person(0).upload(`Day,Fares\n${rows}`),
      await person(0).upload(`Day,Fares\n${rows}`),
    ];
    const storing = ids.map((id) =>
      who.steps(`/uploads/${id}/bring-in`, { name: 'Lost', form: {} }),
    );
    const told = async () =>
      (await person(0).send<{ share: number; state: string }[]>('GET', '/deliveries')).body.filter(
        ({ share, state }) => state === 'running' && share > 0,
      ).length;
    for (let i = 0; i < 400 && (await told()) < 2; i += 1)
      await new Promise((done) => setTimeout(done, 25));
    const note = { day: '2026-01-05', series: null, text: 'Storm', colour: 'plum' };
    const writing = Array.from({ length: 4 }, () =>
      who.send('POST', `/charts/${board.chartId}/notes`, note),
    );
    const begun = Date.now();
    die(true);
    for (const { status, body } of await Promise.all(writing))
      expect(status === 201 || (status === 503 && body.code === 'database-away')).toBe(true);
    for (const { status, body } of await Promise.all(storing)) {
      expect(status).toBe(200);
      expect(body.at(-1)).toMatchObject({ kind: 'problem', code: 'database-away' });
    }
    const { status, body } = await other.send('GET', '/sources');
    expect([status, body.code]).toEqual([503, 'database-away']);
    expect(Date.now() - begun).toBeLessThan(12_000);
    die(false);
    // What is brought in again is not held by what has ended.
    expect((await other.understand(csv)).status).toBe(200);
    await behind.stop();
  });
});
