import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

/** The interface. In development the API is asked of the server beside it. */
export default defineConfig({
  root: 'web',
  plugins: [react()],
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
