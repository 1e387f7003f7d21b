import plotly from 'plotly.js-basic-dist-min';
import { readChart } from '../../core/reading';
import { drawChart } from '../../web/plot/drawing';
import { measureText } from '../../web/plot/usePlot';
import { median } from '../median';
import { judgedDays } from '../judgedDays';

/** Milliseconds of each step from figures to picture, medians of several runs. */
export interface StepTimes {
  reading: number;
  drawing: number;
  plotly: number;
}

const { chart, frames, today } = judgedDays();
const size = { width: 1000, height: 400 };
const options = { ...size, highlight: null, notes: [], measure: measureText };
const read = () => readChart(chart, frames, { today });

async function run(times: number): Promise<StepTimes> {
  const found: Record<keyof StepTimes, number[]> = { reading: [], drawing: [], plotly: [] };
  const node = document.getElementById('plot') as HTMLDivElement;
  for (let i = 0; i < times; i += 1) {
    const begun = performance.now();
    const reading = read();
    const isRead = performance.now();
    const { layout } = drawChart(reading, options);
    const isLaid = performance.now();
    // The peer draws every point: on so wide a picture no stroke is thinned.
    const { data } = drawChart(reading, { ...options, width: 1_000_000 });
    const isReady = performance.now();
    await plotly.newPlot(node, data, layout, { staticPlot: true, displayModeBar: false });
    const isDrawn = performance.now();
    plotly.purge(node);
    found.reading.push(isRead - begun);
    found.drawing.push(isLaid - isRead);
    found.plotly.push(isDrawn - isReady);
  }
  return {
    reading: median(found.reading),
    drawing: median(found.drawing),
    plotly: median(found.plotly),
  };
}

Object.assign(window, { measureSteps: run });
