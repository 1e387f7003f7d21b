import { InputNumber, Select } from 'antd';
import { type Filter, filterKind, type NumbersFilter, type WordsFilter } from '../../../core/frame';
import { api } from '../../api';
import { Phrase, SelectField } from '../../controls';
import type { SeriesPhraseProps } from './seriesPhrase';

/** Which rows of its source a series counts. */
export function FiltersPhrase({ series, onChange }: SeriesPhraseProps) {
  const { data: sources } = api.useSourcesQuery();
  const { figures } = series;
  if (figures.kind !== 'rows') return null;
  const { filters, sourceId } = figures;
  const columns = sources?.find(({ id }) => id === sourceId)?.columns ?? [];
  const put = (next: Filter[]) => onChange({ figures: { ...figures, filters: next } });
  const add = (name: string) => {
    const kind = columns.find((column) => column.name === name)?.kind;
    if (kind === 'text') put([...filters, { kind: 'words', column: name, words: [], keep: false }]);
    if (kind === 'number')
      put([...filters, { kind: 'numbers', column: name, from: null, to: null }]);
  };
  const words = filters.map((filter) => filterKind(filter).say(filter)).join(' and ');
  return (
    <>
      {', of '}
      <Phrase words={words || 'all rows'} label="Rows counted">
        {filters.map((filter, place) => {
          const set = (next: Filter) =>
            put(filters.map((each, at) => (at === place ? next : each)));
          return (
            <div key={place} className="fields">
              {filter.kind === 'words' ? (
                <WordsFields filter={filter} sourceId={sourceId} onChange={set} />
              ) : (
                <NumbersFields filter={filter} onChange={set} />
              )}
              <button
                type="button"
                className="act"
                onClick={() => put(filters.filter((_, at) => at !== place))}
              >
                No longer by {filter.column}
              </button>
            </div>
          );
        })}
        <SelectField
          label={filters.length === 0 ? 'Only rows by' : 'And by'}
          name="Only rows by"
          value={null}
          placeholder="Choose a column"
          onChange={add}
          options={columns
            .filter(({ kind }) => kind !== 'date')
            .map(({ name }) => ({ value: name, label: name }))}
        />
      </Phrase>
    </>
  );
}

interface WordsFieldsProps {
  filter: WordsFilter;
  sourceId: number;
  onChange: (filter: WordsFilter) => void;
}

function WordsFields({ filter, sourceId, onChange }: WordsFieldsProps) {
  const { data: known = [] } = api.useWordsQuery({ sourceId, column: filter.column });
  return (
    <>
      <SelectField
        label={filter.column}
        value={filter.keep ? 'keep' : 'leave'}
        onChange={(choice) => onChange({ ...filter, keep: choice === 'keep' })}
        options={[
          { value: 'keep', label: 'only these' },
          { value: 'leave', label: 'all but these' },
        ]}
      />
      <Select
        mode="multiple"
        aria-label={`Words of ${filter.column}`}
        value={filter.words}
        onChange={(words: string[]) => onChange({ ...filter, words })}
        options={[...known, ''].map((word) => ({ value: word, label: word || 'blank' }))}
      />
    </>
  );
}

interface NumbersFieldsProps {
  filter: NumbersFilter;
  onChange: (filter: NumbersFilter) => void;
}

function NumbersFields({ filter, onChange }: NumbersFieldsProps) {
  return (['from', 'to'] as const).map((end) => (
    <label key={end} className="field">
      <span>
        {filter.column} {end === 'from' ? 'at least' : 'at most'}
      </span>
      <InputNumber
        value={filter[end]}
        aria-label={`${filter.column} ${end === 'from' ? 'at least' : 'at most'}`}
        onChange={(value) => onChange({ ...filter, [end]: value })}
      />
    </label>
  ));
}
