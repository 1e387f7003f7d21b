import type { Reading } from '../../core/reading';
import type { Question } from './readingChannel';
import { ReadingQueue } from './readingQueue';

function queue() {
  let opened = 0;
  const posted: string[] = [];
  let answer: (reading: Reading) => void = () => {};
  const made = new ReadingQueue(() => {
    opened += 1;
    return {
      post: (question) => posted.push(String(question[0])),
      onAnswer: (listen) => (answer = listen),
    };
  });
  const told: string[] = [];
  const ask = (asker: object, question: string) =>
    made.ask(asker, [question] as unknown as Question, ({ title }) => told.push(title));
  return {
    made,
    posted,
    told,
    ask,
    opened: () => opened,
    answer: (title: string) => answer({ title } as Reading),
  };
}

const [one, two] = [{}, {}];

it('answers one at a time, and tells only the newest to whoever asks anew', () => {
  const { posted, told, ask, answer } = queue();
  ask(one, 'a');
  ask(two, 'b');
  ask(one, 'c');
  ask(one, 'd');
  expect(posted).toEqual(['a']);
  for (const title of ['a', 'b', 'd']) answer(title);
  expect([posted, told]).toEqual([
    ['a', 'b', 'd'],
    ['b', 'd'],
  ]);
});

it('opens what answers once, before it is asked or when it is', () => {
  const { made, posted, ask, opened } = queue();
  expect(opened()).toBe(0);
  made.prepare();
  made.prepare();
  expect([opened(), posted]).toEqual([1, []]);
  ask(one, 'a');
  expect([opened(), posted]).toEqual([1, ['a']]);
});

it('tells nothing to whoever has gone', () => {
  const { made, posted, told, ask, answer } = queue();
  ask(one, 'a');
  ask(two, 'b');
  made.forget(one);
  made.forget(two);
  answer('a');
  expect([posted, told]).toEqual([['a'], []]);
});
