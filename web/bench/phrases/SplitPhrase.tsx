import { type SplitDefinition } from '../../../core/chart';
import { originKind, sourceOfFigures } from '../../../core/origins';
import { type Ranking, rankings } from '../../../core/frame';
import { api } from '../../api';
import { NumberField, Phrase, SelectField } from '../../controls';
import { OrderField } from './OrderField';
import type { SeriesPhraseProps } from '../seriesPhrase';

const rankingWords: Record<Ranking, string> = {
  total: 'by the total of what is shown',
  last: 'by the last finished period',
  change: 'by the last change',
};

/** Whether a series is drawn in one line, or in one for each word of a category. */
export function SplitPhrase({ series, onChange }: SeriesPhraseProps) {
  const { data: sources } = api.useSourcesQuery();
  const [ask] = api.useLazyWordsQuery();
  const { figures, split } = series;
  const told = originKind(figures).lines;
  const sourceId = sourceOfFigures(figures) ?? 0;
  const source = sources?.find(({ id }) => id === sourceId);
  const columns = source?.columns.filter(({ kind }) => kind === 'text') ?? [];
  if (told) return told;
  const choose = async (column: string) => {
    if (!column) return onChange({ split: null });
    const order = await ask({ sourceId, column }).unwrap();
    return onChange({ split: { column, order, coloured: order, colourBy: null, top: null } });
  };
  return (
    <Phrase words={saySplit(split)} label="Split">
      <SelectField
        label="Split by"
        value={split?.column ?? ''}
        onChange={(value) => void choose(value)}
        options={[
          { value: '', label: 'nothing: all in one line' },
          ...columns.map(({ name }) => ({ value: name, label: name })),
        ]}
      />
      {split && (
        <SelectField
          label="Coloured by"
          value={split.colourBy ?? ''}
          onChange={(column) => onChange({ split: { ...split, colourBy: column || null } })}
          options={[
            { value: '', label: 'a colour for each line' },
            ...columns
              .filter(({ name }) => name !== split.column)
              .map(({ name }) => ({ value: name, label: `${name}: lines of one share a colour` })),
          ]}
        />
      )}
      {split && <TopFields split={split} onChange={(next) => onChange({ split: next })} />}
      {split && !split.top && (
        <OrderField
          order={split.order}
          onChange={(order) => {
            // Colours stay with their words.
            const coloured = split.coloured.length > 0 ? split.coloured : split.order;
            onChange({ split: { ...split, order, coloured } });
          }}
        />
      )}
    </Phrase>
  );
}

interface TopFieldsProps {
  split: SplitDefinition;
  onChange: (split: SplitDefinition) => void;
}

function TopFields({ split, onChange }: TopFieldsProps) {
  const { top } = split;
  return (
    <>
      <SelectField
        label="Lines"
        value={top?.by ?? ''}
        onChange={(by) =>
          onChange({ ...split, top: by ? { count: top?.count ?? 5, by: by as Ranking } : null })
        }
        options={[
          { value: '', label: 'all of them' },
          ...rankings.map((by) => ({ value: by, label: `the first ${rankingWords[by]}` })),
        ]}
      />
      {top && (
        <NumberField
          label="How many lines, the rest as one"
          value={top.count}
          min={1}
          max={40}
          whole
          onChange={(count) => onChange({ ...split, top: { ...top, count } })}
        />
      )}
    </>
  );
}

function saySplit(split: SplitDefinition | null): string {
  if (!split) return 'all in one line';
  if (!split.top) return `a line for each ${split.column}`;
  return `the first ${split.top.count} of ${split.column} ${rankingWords[split.top.by]}, and all others as one`;
}
