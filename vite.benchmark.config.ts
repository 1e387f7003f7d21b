import { defineConfig } from 'vite';

/** The page on which the benchmark measures the steps from figures to picture. */
export default defineConfig({
  root: 'benchmark/page',
  base: './',
  resolve: { alias: { 'plotly.js': 'plotly.js-basic-dist-min' } },
  build: {
    outDir: '../../dist/bench',
    emptyOutDir: true,
    target: 'es2022',
    chunkSizeWarningLimit: 2000,
  },
});
