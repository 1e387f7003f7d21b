import { formOf, type FileForm } from '../../contract';
import { decideProposal, sayStep } from '../../core/preparation';
import { understandFile } from './understand';

const routes = ['North', 'South', 'West'];
const lines = Array.from(
  { length: 12_000 },
  (_, row) => `2026-01-05,${routes[row % 3]},${(row * 7) % 977}`,
);
const sum = lines.reduce((all, line) => all + Number(line.split(',')[2]), 0);

const understand = (last: string, form: FileForm = {}) => {
  const content = Buffer.from(['Day,Route,Fares', ...lines, last].join('\n'));
  const file = {
    name: 'long.csv',
    open: async function* () {
      yield await Promise.resolve(content);
    },
  };
  return understandFile(file, form, new Map());
};

it('asks about a total at the end of more rows than it compares, and never doubles in silence', async () => {
  const found = await understand(`,Total,${sum}`);
  const [question] = found.questions;
  if (question?.kind !== 'proposal') throw new Error('Nothing is asked.');
  expect(sayStep(question.proposal.step)).toBe('Leave out total rows, where “Route” says “Total”');
  const decided = async (taken: boolean) => {
    const steps = decideProposal(found.steps, question.proposal, taken);
    const seen = [...found.seen, question.proposal.key];
    const { rows, questions } = await understand(`,Total,${sum}`, {
      ...formOf(found),
      steps,
      seen,
    });
    return [rows, questions.length];
  };
  expect([await decided(true), await decided(false)]).toEqual([
    [12_000, 0],
    [12_001, 0],
  ]);
});

it('asks nothing of a long file without such words', async () => {
  expect((await understand('2026-01-06,North,5')).questions).toEqual([]);
});
