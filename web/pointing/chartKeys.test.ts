import { parseDay } from '../../core/calendar';
import { chartFrames } from '../../core/figures';
import { type Narrowing } from '../../core/narrowing';
import { type Reading, readChart } from '../../core/reading';
import { testChart, testFrame, testSeries } from '../../core/testing';
import { type KeyedChart, pressKey, sayKeys } from './chartKeys';
import { Pointing } from './pointing';

const day = (text: string) => parseDay(text) as number;
const today = day('2026-06-05');
const split = { column: 'Route', order: [], coloured: [], colourBy: null, top: null };
const chart = testChart({ series: [testSeries('Riders', { split }), testSeries('Plan')] });
const periods = ['2026-01-01', '2026-02-01', '2026-03-01'].map(day);
const reading: Reading = readChart(
  chart,
  chartFrames(
    chart,
    {
      Riders: testFrame({ periods, keys: ['East', 'West'], values: [periods, periods] }),
      Plan: testFrame({ periods, values: [periods] }),
    },
    today,
  ).frames,
  { today },
);
const [east, west, plan] = ['Riders:East', 'Riders:West', 'Plan'];

interface Given {
  at?: number;
  highlight?: string[];
  lit?: string;
  picked?: Narrowing[];
  /** it stands alone, or its reader may write no notes */
  without?: 'others' | 'notes';
}

/** What a key does in a chart: what was called, with what. */
function press(key: string, { at, highlight = [], lit, picked = [], without }: Given = {}) {
  const done: unknown[] = [];
  const call =
    (name: string) =>
    (...given: unknown[]) =>
      void done.push([name, ...given]);
  const keyed: KeyedChart = {
    reading,
    highlight,
    point: (to) => call('point')(to?.period ?? null),
    at: at === undefined ? null : { period: at, panel: 0, day: 0, series: null, onPoint: false },
    onHighlight: call('highlight'),
    onWriteNote: without === 'notes' ? undefined : call('note'),
    onAsk: call('ask'),
    linked:
      without === 'others'
        ? undefined
        : {
            pointing: new Pointing(),
            chart: 1,
            held: [],
            lit: lit ? day(lit) : null,
            onHold: call('hold'),
            onLight: call('light'),
            onRelease: call('release'),
            narrowing: { picked, onPick: call('pick'), onLetGo: call('let go') },
          },
  };
  const [letter = '', shift] = key.split('+').reverse();
  const does = pressKey(keyed, { key: letter, shiftKey: shift === 'Shift' });
  return does ? done : null;
}

const dates = (from: string, to: string): Narrowing => ({ kind: 'dates', chart: 1, from, to });

it.each<[string, Given, unknown[] | null]>([
  ['ArrowRight', {}, [['point', 0]]],
  ['ArrowRight', { at: 2 }, [['point', 2]]],
  ['ArrowLeft', {}, [['point', 2]]],
  ['ArrowLeft', { at: 1 }, [['point', 0]]],
  ['Home', { at: 2 }, [['point', 0]]],
  ['End', {}, [['point', 2]]],
  ['ArrowDown', {}, [['highlight', [east]]]],
  ['ArrowDown', { highlight: [east as string] }, [['highlight', [west]]]],
  ['Shift+ArrowDown', { highlight: [east as string] }, [['highlight', [east, west]]]],
  ['ArrowUp', {}, [['highlight', [plan]]]],
  ['ArrowUp', { highlight: [east as string] }, [['highlight', []]]],
  ['Escape', { at: 1 }, [['point', null], ['release'], ['highlight', []]]],
  ['Enter', { at: 1 }, [['hold', { day: day('2026-02-14'), grain: 'month' }]]],
  ['w', { at: 1, highlight: [west as string] }, [['ask', west, 1]]],
  ['w', {}, null],
  // Beside other charts a date cannot be held: it is written at.
  ['Enter', { at: 1, without: 'others' }, [['note', { day: 0, series: null }]]],
  ['n', {}, [['note', { day: null, series: null }]]],
  ['n', { at: 1, highlight: [plan as string] }, [['note', { day: 0, series: plan }]]],
  ['n', { at: 1, without: 'notes' }, null],
  ['h', { at: 1 }, [['light', day('2026-02-14')]]],
  ['h', { at: 1, lit: '2026-02-03' }, [['light', null]]],
  ['h', { at: 1, lit: '2026-03-03' }, [['light', day('2026-02-14')]]],
  ['h', { lit: '2026-03-03' }, [['light', null]]],
  ['h', {}, null],
  ['p', { at: 1 }, [['pick', { kind: 'dates', from: '2026-02-01', to: '2026-02-28' }]]],
  ['p', { at: 1, picked: [dates('2026-02-01', '2026-02-28')] }, [['let go', 'dates']]],
  [
    'Shift+P',
    { at: 2, picked: [dates('2026-01-01', '2026-01-31')] },
    [['pick', { kind: 'dates', from: '2026-01-01', to: '2026-03-31' }]],
  ],
  ['p', {}, null],
  [
    's',
    { highlight: [west as string] },
    [['pick', { kind: 'line', series: 'Riders', word: 'West' }]],
  ],
  // A line that is no word's narrows nothing.
  ['s', { highlight: [plan as string] }, []],
  ['s', {}, null],
  ['s', { highlight: [west as string], without: 'others' }, null],
  ['x', { at: 1 }, null],
])('%s does what it says: %j', (key, given, wanted) => {
  expect(press(key, given)).toEqual(wanted);
});

it('says what the keys of a chart do, and of no others', () => {
  const all = { pointing: new Pointing(), chart: 1, held: [], lit: null };
  const none = { onHold: () => {}, onLight: () => {}, onRelease: () => {} };
  expect(sayKeys({})).not.toMatch(/Enter|key [A-Z]/);
  expect(sayKeys({ linked: { ...all, ...none }, onWriteNote: () => {} })).toMatch(
    /Enter holds a date, the key H .* The key N/,
  );
});
