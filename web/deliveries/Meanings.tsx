import { rowsOf } from '../../core/origins';
import { useState } from 'react';
import type { ChangedMeaning } from '../../contract';
import { type ChartDefinition } from '../../core/chart';
import { withChanged } from '../../core/editing';
import { writeWhole } from '../../core/labels';
import { sayProblem, useStoredChange } from '../api';
import { Act } from '../controls';

interface MeaningsProps {
  meanings: readonly ChangedMeaning[];
  /** a chart was changed, so that less of it would come to mean something else */
  onMended: () => void;
}

/** The lines that would come to mean something else, and what can be done before that. */
export function Meanings({ meanings, onMended }: MeaningsProps) {
  return meanings.map((meaning) => (
    <Meaning
      key={`${meaning.chartId} ${meaning.series} ${meaning.column} ${meaning.sum ? 'sum' : ''}`}
      {...{ meaning, onMended }}
    />
  ));
}

const list = (words: readonly string[], of: number) =>
  `${words
    .slice(0, 4)
    .map((word) => `“${word || 'blank'}”`)
    .join(', ')}${of > 4 ? ` and ${of - 4} more` : ''}`;

function Meaning({
  meaning,
  onMended,
}: { meaning: ChangedMeaning } & Pick<MeaningsProps, 'onMended'>) {
  const { title, name, column, words, count, before, sum } = meaning;
  const { mend, problem } = useMending(meaning, onMended);
  if (sum)
    return (
      <p className="remark">
        “{name}” of the chart “{title}” changes up to {sum.upTo}: all of “{column}” comes to{' '}
        {writeWhole(sum.after)} and not {writeWhole(sum.before)}.
      </p>
    );
  return (
    <div className="remark">
      “{name}” of the chart “{title}” would be of {list(words, count)} in “{column}” as well
      {before.length > 0 && `, and not of ${list(before, before.length)} alone`}.{' '}
      {before.length > 0 && (
        <Act onClick={() => mend(kept)}>Keep it to {list(before, before.length)}</Act>
      )}{' '}
      <Act onClick={() => mend(divided)}>Draw a line for each</Act>
      {problem && <p className="problem">{problem}</p>}
    </div>
  );
}

type Change = (chart: ChartDefinition, meaning: ChangedMeaning) => ChartDefinition;

/** The line stays of the words that it is of now. */
const kept: Change = (chart, { series, column, before }) => {
  const own = chart.series.find(({ id }) => id === series);
  const rows = own && rowsOf(own.figures);
  if (!rows) return chart;
  const filter = { kind: 'words' as const, column, words: [...before], keep: true };
  const figures = { ...rows, kind: 'rows' as const, filters: [...rows.filters, filter] };
  return withChanged(chart, series, { figures });
};

/** Each word gets a line of its own. */
const divided: Change = (chart, { series, column }) =>
  withChanged(chart, series, {
    split: { column, order: [], coloured: [], colourBy: null, top: null },
  });

/** Changes a chart as it is stored now. */
function useMending(meaning: ChangedMeaning, onMended: () => void) {
  const changeStored = useStoredChange();
  const [problem, setProblem] = useState('');
  const mend = (change: Change) => {
    changeStored(meaning.chartId, (chart) => change(chart, meaning))
      .then(onMended)
      .catch((error: unknown) => setProblem(sayProblem(error)));
  };
  return { mend, problem };
}
