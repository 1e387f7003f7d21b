import type { ChartDefinition } from '../../core/chart';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
beforeAll(async () => {
  server = await startServer();
});
afterAll(() => server.stop());

/** Lays a chart with a formula on a dashboard. */
async function worked(
  person: TestPerson,
  { dashboardId, definition }: { dashboardId: number; definition: ChartDefinition },
  title: string,
) {
  const [first] = definition.series;
  const formula = { ...first, id: 'fuel', name: 'Fuel', figures: { kind: 'formula', text: title } };
  const { body } = await person.send<{ id: number }>('POST', `/dashboards/${dashboardId}/charts`, {
    definition: { ...definition, title, series: [...definition.series, formula] },
  });
  return body.id;
}

it('tells what was worked out in charts that the person may edit, the same dashboard first', async () => {
  const [author, reader] = await Promise.all(
    ['maren', 'ivo'].map((name) => TestPerson.signedUp(server.origin, name)),
  );
  if (!author || !reader) throw new Error('nobody signed up');
  const sourceId = await author.source('Day,Fares\n2026-01-05,1\n2026-02-05,2');
  const board = await author.board(sourceId);
  const other = await author.board(sourceId);
  const asked = await worked(author, board, 'Fares * 2');
  await worked(author, board, 'Fares * 3');
  await worked(author, other, 'Fares * 4');
  const gone = await worked(author, board, 'Fares * 5');
  await author.send('DELETE', `/charts/${gone}`);
  type Told = { title: string; series: { name: string }[] }[];
  const { body } = await author.send<Told>('GET', `/charts/${asked}/worked-out`);
  expect(body.map(({ title }) => title)).toEqual(['Fares * 3', 'Fares * 4']);
  expect(body[0]?.series.map(({ name }) => name)).toContain('Fuel');
  expect((await reader.send('GET', `/charts/${asked}/worked-out`)).status).toBe(404);
});
