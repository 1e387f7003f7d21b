import fc from 'fast-check';
import { isProblem, readFormula } from './formula';
import { mentionedIn, renamedIn, writtenName } from './names';

const figures: Record<string, number | null> = {
  Fares: 0.1,
  'Fuel cost': 0.2,
  Passengers: 4,
  Nothing: 0,
  Missing: null,
};
const names = Object.keys(figures);

function work(text: string) {
  const read = readFormula(text, names);
  return isProblem(read) ? read.sentence : read.evaluate((name) => figures[name] ?? null);
}

it.each([
  ['Fares + "Fuel cost"', 0.3],
  ['fares + "fuel cost" = 0.3', 1],
  ['Fares * "Fuel cost"', 0.02],
  ['Passengers / 3 * 3 = Passengers', 1],
  ['2 + 3 * -Passengers', -10],
  ['(2 + 3) * Passengers', 20],
  ['Passengers / Nothing', null],
  ['Passengers + Missing', null],
  ['if(Passengers > 3, 1, Missing)', 1],
  ['if(Passengers < 3, 1, Missing)', null],
  ['if(Missing > 3, 1, 2)', null],
  ['if(Passengers >= 4 and Nothing <> 0 or Fares <= 0.1, 7, 8)', 7],
  ['min(3, Passengers, 2)', 2],
  ['max(3, Passengers)', 4],
  ['abs(0 - Passengers)', 4],
  ['round(2.345, 2)', 2.35],
  ['round(-2.5)', -3],
  ['round(1234, -2)', 1200],
  ['1e15 * 10', null],
  ['9 / 10 + 0', 0.9],
  ['Fares * 60%', 0.06],
  ['60% of Fares', 0.06],
  ['17.5 % of "Fuel cost" + Passengers', 4.035],
  ['50% of 50% of Passengers', 1],
  ['Passengers > 350%', 1],
])('works %s out', (text, wanted) => {
  expect(work(text)).toBe(wanted);
});

it.each([
  ['Passengers * 1e308 * 1e308 * 2', 'Fares * 1e308 / 1e308', 0.1],
  ['1e999 - 1e999', 'if(1e999 > Missing, 1, 2)', null],
  ['if(1e308 * 1e308 > 1, 1, 2)', 'if(Passengers > 1, 3, 1e308 * 1e308)', 3],
  ['round(max(1e308 * 10, 1), 2)', 'round(1e300, 2) / 1e300', 1],
  ['-(1e308 + 1e308)', 'min(1, 1e308)', 1],
  ['1e308 * 10 * Nothing', '1e15 / 1e15', 1],
])('is beyond the range in %s, says so, and works %s out', (beyond, fine, wanted) => {
  const worked = (text: string) => {
    const read = readFormula(text, names);
    if (isProblem(read)) throw new Error(read.sentence);
    let told = 0;
    const found = read.evaluate(
      (name) => figures[name] ?? null,
      () => (told += 1),
    );
    return [found, told];
  };
  expect(worked(beyond)).toEqual([null, 1]);
  expect(worked(fine)).toEqual([wanted, 0]);
});

it.each([
  ['', /Write a formula/],
  ['Fares +', /cannot be read here/],
  ['Fairs', /no “Fairs”. There is Fares, "Fuel cost"/],
  ['sum(Fares)', /no function “sum”/],
  ['Fares - Fuel cost', /Write "Fuel cost" between double quotes/],
  ['60% of fuel COST', /Write "Fuel cost" between double quotes/],
  ['% of Fares', /cannot be read here/],
  ['5 % 2', /nothing else/],
  ['abs(1, 2)', /takes 1 figures, not 2/],
  ['if(1, 2)', /takes a condition/],
  ['Fares.constructor', /nothing else/],
  ['[1, 2]', /nothing else/],
  ['Fares; Fares', /nothing else/],
  ['constructor("x")()', /nothing else|no function/],
  ['this', /nothing else/],
  [`${'('.repeat(60)}1${')'.repeat(60)}`, /nested|read|^1$/],
  [`${'-'.repeat(60)}1`, /nested too deeply/],
  ['1'.repeat(600), /at most 500/],
])('says what is wrong with %j', (text, sentence) => {
  expect(String(work(text))).toMatch(sentence);
});

it('reads any name as it is written, whatever stands in it', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', minLength: 1, maxLength: 20 }), (name) => {
      fc.pre(name.toLowerCase() !== 'fares');
      expect(readFormula(`min(${writtenName(name)}, 2) / 2`, ['Fares', name])).toMatchObject({
        names: [name],
      });
    }),
  );
});

it.each([
  ['fares / 2', 'Fares', 'Fare revenue', '"Fare revenue" / 2'],
  ['min(Min, 2)', 'min', 'Least', 'min(Least, 2)'],
  ['Fares / 2', 'Fares', 'min', '"min" / 2'],
  ['Fares and "FARES"', 'Fares', 'And', '"And" and "And"'],
  ['"a ""b""" + Fares', 'a "b"', 'net "c"', '"net ""c""" + Fares'],
  ["“Fuel cost” + 'Fuel cost'", 'Fuel cost', 'Fuel', 'Fuel + Fuel'],
  ['2e5 + e5', 'e5', 'x', '2e5 + x'],
  ['Fares', 'Fare', 'x', 'Fares'],
])('writes in %j in the place of %j %j', (formula, from, to, wanted) => {
  expect(renamedIn(formula, from, to)).toBe(wanted);
  expect(mentionedIn(formula, from)).toBe(wanted !== formula);
});

it.each(['$0 + "Fuel cost"', '$0'])('takes no word of its own from outside: %s', (text) => {
  expect(work(text)).toMatch(/“\$” can stand in a name between quotes/);
});

it('points at the place where a formula stops making sense', () => {
  expect(readFormula('Fares + Fairs', names)).toMatchObject({ at: 8 });
  expect(readFormula('Fares + * 2', names)).toMatchObject({ at: 8 });
});

it.each([
  ['Fares - "Fuel cost"', true],
  ['60% of Fares', true],
  ['-Fares * 2 / 4 - 3 * "Fuel cost"', true],
  ['Fares + 5', false],
  ['Fares * Passengers', false],
  ['5 / Fares', false],
  ['max(Fares, 1)', false],
  ['60%', false],
])('knows of %s whether it adds up over periods', (text, linear) => {
  expect(readFormula(text, names)).toMatchObject({ linear });
});
