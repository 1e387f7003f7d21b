import { defineConfig } from 'vite';

/** The server: one file for each process or thread that starts by itself. */
export default defineConfig({
  // Packages are built in, so that a process starts by reading a few files and not a thousand; what
  // has a binary of its own is left where it is, and so is what drives the browser of the benchmark.
  ssr: { noExternal: true, external: ['@duckdb/node-api', '@node-rs/argon2', '@playwright/test'] },
  build: {
    ssr: true,
    target: 'node20',
    outDir: 'dist/server',
    sourcemap: true,
    rolldownOptions: {
      input: {
        serve: 'server/serve.ts',
        migrate: 'server/migrate.ts',
        dropOldTables: 'server/dropOldTables.ts',
        fillDemo: 'server/fillDemo.ts',
        bench: 'benchmark/index.ts',
        bareServer: 'benchmark/bareServer.ts',
        figuresWorker: 'server/frames/figuresWorker.ts',
        engine: 'server/engine/program.ts',
        fileReader: 'server/deliveries/fileReader.ts',
        workbookWorker: 'server/writing/workbookWorker.ts',
      },
      // Workers are started by the name of their file, beside whichever part starts them.
      output: { entryFileNames: '[name].js', chunkFileNames: 'part-[name]-[hash].js' },
    },
  },
});
