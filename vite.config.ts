import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { controlStyles } from './tools/controlStyles';

/**
 * Has the application, its styles and the drawing library (nearly every page draws) fetched beside the
 * first script, which is small and has the application read when it is time.
 */
const fetchAhead: Plugin = {
  name: 'fetch the application ahead',
  transformIndexHtml: {
    order: 'post',
    handler(_html, { bundle = {} }) {
      const chunks = Object.values(bundle).flatMap((each) => (each.type === 'chunk' ? each : []));
      const main = chunks.find(({ facadeModuleId }) => facadeModuleId?.endsWith('/web/main.tsx'));
      const needed = new Set(main ? [main.fileName] : []);
      for (const name of needed)
        chunks
          .find(({ fileName }) => fileName === name)
          ?.imports.forEach((imported) => needed.add(imported));
      const library = chunks.find(({ fileName }) => fileName.includes('plotly'));
      if (library) needed.add(library.fileName);
      const styles = chunks
        .filter(({ fileName }) => needed.has(fileName))
        .flatMap(({ viteMetadata }) => [...(viteMetadata?.importedCss ?? [])]);
      const link = (attrs: Record<string, string | boolean>) =>
        ({ tag: 'link', attrs: { crossorigin: true, ...attrs }, injectTo: 'head' }) as const;
      return [
        ...styles.map((name) => link({ rel: 'stylesheet', href: `/${name}` })),
        ...[...needed].map((name) => link({ rel: 'preload', as: 'script', href: `/${name}` })),
      ];
    },
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
  plugins: [react(), controlStyles(), unwrapLibrary, fetchAhead],
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
