import { dayOfDate } from '../calendar';
import { chartFrames, drawnChart } from '../figures';
import { draftRule } from '../editing';
import { testChart, testFrame, testSeries } from '../testing';
import { coloursWorn } from './rules';
import { readChart } from './readChart';

const periods = [1, 2, 3, 4].map((month) => dayOfDate(2026, month, 1));
const today = dayOfDate(2026, 6, 1);

/** The colours of a line of four figures, its own first, and those that rules give it over values. */
function worn(...limits: [over: number, colour: 'brick' | 'plum'][]) {
  const chart = testChart({
    series: [testSeries('Fares')],
    colourRules: limits.map(([number, colour]) =>
      draftRule(
        colour,
        'Fares',
        { kind: 'value', is: 'over', to: { kind: 'number', number } },
        colour,
      ),
    ),
  });
  const frame = testFrame({ periods, values: [[10, 20, 30, 40]], completeTo: today - 1 });
  const { frames } = chartFrames(chart, { Fares: frame }, today);
  const reading = readChart(drawnChart(chart), frames, { today });
  const [line] = reading.panels.flatMap(({ series }) => series);
  return line && { own: line.stroke.colour, worn: coloursWorn(line, reading) };
}

it('lets a line keep its own colour at its name while a part of it is drawn so', () => {
  const part = worn([25, 'brick']);
  expect(part?.worn).toEqual([part?.own, 'brick']);
  const whole = worn([25, 'brick'], [0, 'plum']);
  expect(whole?.worn).toEqual(['brick', 'plum']);
  const none = worn([100, 'brick']);
  expect(none?.worn).toEqual([none?.own]);
});
