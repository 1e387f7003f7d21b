import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { controlStyles } from './tools/controlStyles';

/** Has the drawing library fetched beside the first script: nearly every page draws. */
const preloadLibrary: Plugin = {
  name: 'preload the drawing library',
  transformIndexHtml: {
    order: 'post',
    handler: (_html, { bundle }) =>
      Object.values(bundle ?? {})
        .filter(({ fileName }) => fileName.includes('plotly'))
        .map(({ fileName }) => ({
          tag: 'link',
          attrs: { rel: 'modulepreload', crossorigin: true, href: `/${fileName}` },
          injectTo: 'head',
        })),
  },
};

/**
 * Takes the drawing library out of the function it is wrapped in for older loaders. Browsers first
 * skim such a function and read it again when it is called: a megabyte, on the page's own thread.
 */
const unwrapLibrary: Plugin = {
  name: 'unwrap the drawing library',
  apply: 'build',
  transform: {
    filter: { id: /plotly-basic\.min\.js$/ },
    handler(code) {
      const begin = code.indexOf('var Plotly=(');
      const end = code.lastIndexOf('window.Plotly = Plotly;');
      if (begin < 0 || end < begin) this.error('It is wrapped otherwise than was expected.');
      return { code: `${code.slice(begin, end)}\nexport default Plotly;\n`, map: null };
    },
  },
};

/** The interface. In development the API is asked of the server beside it. */
export default defineConfig({
  root: 'web',
  plugins: [react(), controlStyles(), unwrapLibrary, preloadLibrary],
  resolve: { alias: { 'plotly.js': 'plotly.js-basic-dist-min' } },
  build: {
    outDir: '../dist/web',
    emptyOutDir: true,
    target: 'es2022',
    chunkSizeWarningLimit: 1500,
  },
  server: {
    host: '127.0.0.1',
    port: Number(process.env.PORT ?? 4170),
    proxy: { '/api': `http://127.0.0.1:${process.env.API_PORT ?? 4171}` },
  },
});
