import { type ChartDefinition, parseChart } from '../core/chart';
import { printChart, readChartText } from '../core/text';
import { median } from './median';
import type { Measured } from './report';

const around = {
  source: [{ id: 1, name: 'Sailings', date: 'Date' }],
  column: ['Fares', 'Riders', 'Litres', 'Route'].map((name) => ({ id: name, name })),
};

/** A chart of thirty things, as its author wrote it. */
const written = `Stand Mark 1
Fares against budget
by month, from Jan 2025 to Dec 2026, in panels side by side

Series
"Fare revenue" is an actual: the sum of Fares in Sailings, a line for each word of Route, handed over to Forecast
Budget is a budget: the sum of Budget in Sailings
Forecast is a forecast: the sum of Forecast in Sailings
Riders is an actual: the sum of Riders in Sailings, as its moving mean of 3 periods, on the second value axis
Litres is a line: the 90th percentile of Litres in Sailings, with points, dotted
"Fare a head" is a line: worked out as ("Fare revenue" / Riders), not drawn
"Fare revenue" is to be at least Budget, with the pace to reach it

Yardsticks
Today is a line at today
Mean is a line at the mean of "Fare revenue", shaded beneath, labelled "Mean {value}"
Usual is a band from the mean of "Fare revenue" less 1 deviation to the mean of "Fare revenue" plus 1 deviation
High is a line at the 90th percentile of Riders over the last 12 finished periods, in rosewood, dashed
Fifths is a set of 5 bands with equally many figures of Litres in each over all periods
Works is a band from 9 Feb 2026 to 20 Mar 2026
Last is a line at the last actual
Ends is a line at each end of a quarter
Limit is a line at "Fuel limit"

Colour rules
where "Fare revenue" is off its mark, draw it in brick, 3 wide
where "Fare revenue" is on its mark, draw it in indigo
where Riders is over the mean of Riders, draw it in plum
where Litres meets all of (falls in Dec, Jan and Feb) and (is over Limit), draw its points in ochre
where "Fare revenue" is up on the period before by 10% or more, draw it in moss

Standouts
the highest of "Fare revenue", labelled with value, date and name
the lowest of "Fare revenue"
the 3 largest of Riders
each point that (is over High) of Litres

Dials
"Fuel limit" is a number from 100 to 200 in steps of 5, at 140
Since is a date, at 3 Jan 2025
Depot is one of Quay, Mole and Pier, at Mole

Filters
Route is not Osk

Look
without gridlines
the value axis is titled "Pounds"
`;

const runs = 300;

function timed(work: () => unknown): number {
  const from = performance.now();
  work();
  return performance.now() - from;
}

/** Writing a chart as text and reading it again, against validating the same definition by its schema. */
export function measureText(): Measured[] {
  const { chart, problems } = readChartText(written, around);
  if (!chart || problems.length > 0) throw new Error(JSON.stringify(problems));
  const kept = JSON.parse(JSON.stringify(chart)) as ChartDefinition;
  const own: number[] = [];
  const peer: number[] = [];
  for (let run = 0; run < runs; run += 1) {
    own.push(timed(() => readChartText(printChart(chart, around), around, chart)));
    peer.push(timed(() => parseChart(kept)));
  }
  const [ownTime, peerTime] = [median(own), median(peer)];
  return [
    {
      work: 'a chart of 30 things, written as text and read again',
      own: `${ownTime.toFixed(1)} ms`,
      peer: `its schema validating it (${peerTime.toFixed(1)} ms)`,
      ratio: ownTime / peerTime,
      limit: { atMost: 5 },
    },
  ];
}
