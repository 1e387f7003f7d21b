import { testChart, testSeries } from '../testing';
import { continuesTyping } from './continuesTyping';

const titled = (...titles: string[]) => titles.map((title) => testChart({ title }));
const named = (name: string, more = {}) =>
  testChart({ series: [testSeries('a'), testSeries('b', { name, ...more })] });

it.each([
  ['a letter more', titled('', 'F', 'Fa'), true],
  ['letter after letter', titled('', 'Far', 'Fare'), true],
  ['a letter less', titled('Fares', 'Fare', 'Far'), true],
  ['a letter within', titled('Fars', 'Fares', 'Fare s'), true],
  ['a name in a list', [named(''), named('P'), named('Pl')], true],
  ['another word', titled('F', 'Fa', 'Passengers'), false],
  ['the same text', titled('F', 'Fa', 'Fa'), false],
  ['another place', [named('P'), named('Pl'), { ...named('Pl'), title: 'Tests' }], false],
  ['more than a text', [named('P'), named('Pl'), named('Pla', { hidden: true })], false],
  ['a choice', [named('P'), named('P', { gap: 'zero' }), named('P', { gap: 'carried' })], false],
  ['a part more', [named('P'), named('Pl'), testChart({ series: [testSeries('a')] })], false],
])('knows whether a step goes on writing: %s', (_what, [before, now, next], wanted) => {
  expect(continuesTyping(before, now, next)).toBe(wanted);
});
