import { readForm } from '../server/forms';
import { median } from './median';
import type { Measured } from './report';

const rows = 100_000;

/** Files whose rows are of different lengths, against files whose rows are all alike. */
export async function measureFiles(): Promise<Measured[]> {
  const row = (cells: (number: number) => string) =>
    Buffer.from(
      ['Day,Fares,Route', ...Array.from({ length: rows }, (_, n) => cells(n))].join('\n'),
    );
  const regular = row((number) => `2026-01-05,${number},R${number % 7}`);
  const ragged = row((number) => `2026-01-05,${number}${number % 2 ? '' : ',R1,more'}`);
  const times = { regular: [] as number[], ragged: [] as number[] };
  for (let round = 0; round < 11; round += 1) {
    times.regular.push(await read(regular));
    times.ragged.push(await read(ragged));
  }
  // The first runs are slower than all that follow.
  const [uneven, even] = [times.ragged.slice(2), times.regular.slice(2)];
  return [
    {
      work: `reading ${rows.toLocaleString('en-GB')} rows of different lengths`,
      own: `${median(uneven).toFixed(0)} ms`,
      peer: `as many rows of one length (${median(even).toFixed(0)} ms)`,
      ratio: median(uneven.map((time, round) => time / (even[round] as number))),
      limit: { atMost: 2 },
    },
  ];
}

async function read(file: Buffer): Promise<number> {
  const begun = performance.now();
  const open = async function* () {
    yield file;
  };
  let cells = 0;
  const form = { kind: 'delimited', encoding: 'utf-8', delimiter: ',' } as const;
  for await (const batch of readForm({ name: 'rows.csv', open }, form))
    for (const row of batch) cells += row.length;
  if (cells < rows) throw new Error('The file was not read.');
  return performance.now() - begun;
}
