import { readFileSync } from 'node:fs';
import express from 'express';

/* The peer of our server: a bare Express route that sends the same bytes and asks nobody. */
const bytes = readFileSync(process.argv[2] ?? '');
const app = express();
app.get('/figures', (_request, response) => {
  response.type('json').send(bytes);
});
const server = app.listen(0, '127.0.0.1', () => {
  const address = server.address();
  process.stdout.write(`${typeof address === 'object' && address ? address.port : 0}\n`);
});
