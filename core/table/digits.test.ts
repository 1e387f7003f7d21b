import { digitNames } from './digits';

it.each<[string, string, (string | number)[], string]>([
  ['numbers with leading zeros', 'Route', ['00001', '00002', '00002'], 'words'],
  ['telephone numbers', 'Called', ['02079460001', '02079460002'], 'words'],
  ['a zero among figures', 'Fares', ['0', '12', '7'], 'figures'],
  ['more digits than figures keep', 'Card', ['9007199254740993', '12'], 'words'],
  ['receipts, each once and as long', 'Receipt no', ['10001', '10002', '10417'], 'words'],
  ['fares of five digits that happen to differ', 'Fares', ['10001', '10002', '10417'], 'figures'],
  ['fares in pounds', 'Takings (£)', ['10001', '10002'], 'figures'],
  ['what its head says nothing of', 'Umlauf', ['10001', '10002'], 'asked'],
  ['what repeats', 'Umlauf', ['10001', '10001', '10002'], 'figures'],
  ['what is not of one length', 'Umlauf', ['10001', '9999'], 'figures'],
  ['four digits', 'Umlauf', ['1001', '1002'], 'figures'],
  ['figures of a typed file', 'Receipt no', [10001, 10002], 'figures'],
  ['a decimal mark', 'Receipt no', ['10001', '10002.5'], 'figures'],
  ['blanks alone', 'Receipt no', ['', ' '], 'figures'],
  ['one alone', 'Umlauf', ['10001'], 'figures'],
])('takes %s for what they are', (_, name, cells, kind) => {
  expect(digitNames(name, cells).kind).toBe(kind);
});
