import { Seats } from './seats';

/** Work that goes on until it is let go. */
function work(seats: Seats, owner: string) {
  let letGo: (failure?: Error) => void = () => {};
  const state = { begun: false };
  const done = seats.run(
    owner,
    () =>
      new Promise<string>((resolve, reject) => {
        state.begun = true;
        letGo = (failure) => (failure ? reject(failure) : resolve(owner));
      }),
  );
  return { state, done, letGo: (failure?: Error) => letGo(failure) };
}

const settled = () => new Promise((done) => setTimeout(done, 0));

it('lets nobody wait behind the work of somebody else', async () => {
  const seats = new Seats({ atOnce: 2, waiting: 10 });
  const many = Array.from({ length: 6 }, () => work(seats, 'a'));
  const other = work(seats, 'b');
  await settled();
  expect(many.map(({ state }) => state.begun)).toEqual([true, true, false, false, false, false]);
  expect(other.state.begun).toBe(true);
});

it('gives a seat to who has waited longest, also after a failure', async () => {
  const seats = new Seats({ atOnce: 1, waiting: 10 });
  const [first, second, third] = ['a', 'a', 'a'].map((owner) => work(seats, owner));
  await settled();
  first?.letGo(new Error('failed'));
  await expect(first?.done).rejects.toThrow('failed');
  await settled();
  expect([second?.state.begun, third?.state.begun]).toEqual([true, false]);
  second?.letGo();
  await settled();
  expect(third?.state.begun).toBe(true);
});

it('refuses one more than may wait, and takes others again once there is room', async () => {
  const seats = new Seats({ atOnce: 1, waiting: 1 });
  const [working, waits] = [work(seats, 'a'), work(seats, 'a')];
  await settled();
  await expect(seats.run('a', async () => 'late')).rejects.toMatchObject({ status: 429 });
  working.letGo();
  await settled();
  waits.letGo();
  await settled();
  expect(await seats.run('a', async () => 'in time')).toBe('in time');
});
