import { type Question, receiver, sender } from './readingChannel';

const question = (chart: object, frames: object) =>
  [chart, frames, { today: 1 }] as unknown as Question;

it('sends a definition and its figures once, and finds the same again on the other side', () => {
  const [send, receive] = [sender(), receiver()];
  const [chart, frames] = [{ title: 'a' }, { fares: [1] }];
  const first = structuredClone(send(question(chart, frames)));
  const second = structuredClone(send(question(chart, frames)));
  expect([first[1].content, second[1].content]).toEqual([frames, undefined]);
  const [one, two] = [receive(first), receive(second)];
  expect(one).toEqual(question(chart, frames));
  expect([two[0], two[1]].map((part, at) => part === one[at])).toEqual([true, true]);
  // The figures without what a reader filters are those that were shown before.
  const past = [{ title: 'a' }, { fares: [2] }, { today: 1, unfiltered: frames }];
  expect(receive(structuredClone(send(past as unknown as Question)))).toEqual(past);
  // Another definition of the same figures.
  const other = receive(structuredClone(send(question({ title: 'b' }, frames))));
  expect([other[0], other[1] === one[1]]).toEqual([{ title: 'b' }, true]);
});

it('sends again what the other side has forgotten for others that came since', () => {
  const [send, receive] = [sender(), receiver()];
  const pairs = Array.from({ length: 60 }, (_, at) => [{ title: at }, { at }] as const);
  for (let round = 0; round < 2; round += 1)
    for (const [chart, frames] of [...pairs, ...pairs.slice(-9)])
      expect(receive(structuredClone(send(question(chart, frames))))).toEqual(
        question(chart, frames),
      );
});
