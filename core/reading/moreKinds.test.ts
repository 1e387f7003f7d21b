import { mixed, object, string } from 'yup';
import { parseDay, periodsBetween } from '../calendar';
import { parseChart, type SeriesDefinition } from '../chart';
import { chartFrames, drawnChart } from '../figures';
import { gapKinds } from '../gaps';
import { originKind, originKinds } from '../origins';
import { testChart, testFrame, testSeries } from '../testing';
import { linesOf, readChart } from './index';

// Kinds that the product does not have, each as one would be added: a file, and a line in its list.
jest.mock('../gaps/kinds', () => {
  const known = jest.requireActual<typeof import('../gaps/kinds')>('../gaps/kinds');
  const filled = (figures: readonly (number | null)[]) => figures.map((figure) => figure ?? 7);
  const sevens = {
    kind: 'sevens',
    words: 'as sevens',
    bridges: false,
    counted: filled,
    drawn: filled,
  };
  return { treatments: [...known.treatments, sevens] };
});
jest.mock('../origins/kinds', () => {
  const known = jest.requireActual<typeof import('../origins/kinds')>('../origins/kinds');
  const twice = {
    kind: 'twice',
    name: 'twice another series',
    schema: () =>
      object({
        kind: mixed().oneOf(['twice']).required(),
        of: string().required('Say which series is doubled.'),
      }),
    draft: () => ({ kind: 'twice', of: '' }),
    say: ({ of }: { of: string }) => `twice ${of}`,
    find: ({ of }: { of: string }, { worked }: { worked: (text: string) => unknown }) =>
      worked(`"${of}" * 2`),
  };
  return { origins: [...known.origins, twice] };
});

const day = (text: string) => parseDay(text) as number;
const today = day('2026-07-10');
const figures = (of: unknown) => ({ kind: 'twice', of }) as unknown as SeriesDefinition['figures'];
const gap = 'sevens' as unknown as SeriesDefinition['gap'];
const chart = testChart({
  series: [testSeries('Fares'), testSeries('Both ways', { figures: figures('Fares'), gap })],
});

it('draws figures of an origin and with a treatment of gaps that were added', () => {
  const frame = testFrame({
    periods: periodsBetween(day('2026-01-01'), day('2026-04-01'), 'month'),
    values: [[1, null, 3, 4]],
    completeTo: today,
  });
  const { frames, problems } = chartFrames(parseChart(chart), { Fares: frame }, today);
  expect(problems).toEqual([]);
  const [, line] = linesOf(readChart(drawnChart(chart), frames, { today, dials: {} }));
  expect([line?.name, line?.figures]).toEqual(['Both ways', [2, 7, 6, 8]]);
});

it('offers them, says them and holds them against their own form', () => {
  expect(originKinds.at(-1)).toMatchObject({ name: 'twice another series' });
  expect(originKind(figures('Fares')).say(figures('Fares'))).toBe('twice Fares');
  expect(gapKinds.at(-1)?.words).toBe('as sevens');
  const wrong = testChart({ series: [testSeries('Both ways', { figures: figures(undefined) })] });
  expect(() => parseChart(wrong)).toThrow('Say which series is doubled.');
});
