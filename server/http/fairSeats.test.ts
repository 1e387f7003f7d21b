import { FairSeats } from './fairSeats';

/** Work of owners that ends when it is told to, and the order in which it began. */
function workshop(limits: ConstructorParameters<typeof FairSeats>[0]) {
  const seats = new FairSeats(limits);
  const begun: string[] = [];
  const ends = new Map<string, () => void>();
  const begin = (owner: string, name: string) =>
    seats.run(owner, () => {
      begun.push(name);
      return new Promise<void>((end) => ends.set(name, end));
    });
  const end = async (name: string) => {
    ends.get(name)?.();
    await new Promise((done) => setImmediate(done));
  };
  const all = async (...names: string[]) => {
    for (const name of names) void begin(name.charAt(0), name);
    await end('');
  };
  return { begun, all, end };
}

it('lets the lines of owners take turns, however long one of them is', async () => {
  const { begun, all, end } = workshop({ inAll: 1, ofOwner: 1, waitingOfOwner: 10 });
  await all('a1', 'a2', 'a3', 'b1', 'c1', 'b2');
  for (const name of ['a1', 'b1', 'c1', 'a2', 'b2']) await end(name);
  expect(begun).toEqual(['a1', 'b1', 'c1', 'a2', 'b2', 'a3']);
});

it('keeps seats free of one owner for the others', async () => {
  const { begun, all, end } = workshop({ inAll: 3, ofOwner: 2, waitingOfOwner: 10 });
  await all('a1', 'a2', 'a3', 'b1', 'b2');
  expect(begun).toEqual(['a1', 'a2', 'b1']);
  await end('b1');
  expect(begun).toEqual(['a1', 'a2', 'b1', 'b2']);
  await end('a2');
  expect(begun.at(-1)).toBe('a3');
});

it('refuses who has too many waiting, and goes on when work fails', async () => {
  const seats = new FairSeats({ inAll: 1, ofOwner: 1, waitingOfOwner: 1 });
  const failing = seats.run('a', () => Promise.reject(new Error('broken')));
  const next = seats.run('a', () => Promise.resolve('done'));
  await expect(seats.run('a', () => Promise.resolve())).rejects.toMatchObject({ status: 429 });
  await expect(failing).rejects.toThrow('broken');
  expect(await next).toBe('done');
});
