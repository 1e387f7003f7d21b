import plotly from 'plotly.js-basic-dist-min';
import { readChart } from '../../core/reading';
import { drawChart, measureText } from '../../web/picture';
import { median } from '../median';
import { judgedDays } from '../judgedDays';
import { turnedDial } from '../turnedDial';

/** Milliseconds of each step from figures to picture, medians of several runs. */
export interface StepTimes {
  reading: number;
  drawing: number;
  plotly: number;
}

const { chart, frames, today } = judgedDays();
const size = { width: 1000, height: 400 };
const options = { ...size, highlight: [], notes: [], measure: measureText };
/** As if the figures had just come: nothing is taken from the reading before. */
const read = () => readChart(chart, { ...frames }, { today });

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

/** Milliseconds of one step of a dial: read and drawn anew, and the same picture drawn bare. */
export interface DialTimes {
  turned: number;
  reading: number;
  bare: number;
}

/** Turns a dial step by step, each step against a bare redraw of the picture that it leads to. */
async function turn(steps: number): Promise<DialTimes> {
  const dial = turnedDial();
  const found: Record<keyof DialTimes, number[]> = { turned: [], reading: [], bare: [] };
  const [own, bare] = ['plot', 'bare'].map((id) => document.getElementById(id) as HTMLDivElement);
  const bareOptions = { staticPlot: true, displayModeBar: false };
  for (let step = 0; step < steps; step += 1) {
    const begun = performance.now();
    const context = { today: dial.today, dials: { Limit: 400 + 7 * step } };
    const reading = readChart(dial.chart, dial.frames, context);
    const isRead = performance.now();
    const { data, layout } = drawChart(reading, options);
    await plotly.react(own as HTMLDivElement, data, layout, bareOptions);
    const isDrawn = performance.now();
    // Other objects with the same content: the library would skip what is the same.
    const [copied, laid] = [structuredClone(data), structuredClone(layout)];
    const bareBegun = performance.now();
    await plotly.react(bare as HTMLDivElement, copied, laid, bareOptions);
    found.bare.push(performance.now() - bareBegun);
    found.reading.push(isRead - begun);
    found.turned.push(isDrawn - begun);
  }
  return {
    turned: median(found.turned),
    reading: median(found.reading),
    bare: median(found.bare),
  };
}

Object.assign(window, { measureSteps: run, measureDial: turn });
