import { testChart, testSeries } from '../testing';
import { drawnChart } from './drawnChart';

it.each(['editors', 'readers'] as const)(
  'tells %s nothing of what its author wrote beside it',
  (by) => {
    const comments = { title: 'agreed with finance' };
    const drawn = drawnChart(testChart({ series: [testSeries('Fares')], comments }), by);
    expect(JSON.stringify(drawn)).not.toContain('finance');
  },
);
