import { api } from '../../api';
import { Phrase, SelectField } from '../../controls';
import type { YardstickSentenceProps } from './yardstickSentence';

/** A line at each date that a source has in a column. */
export function RecordedSentence({ yardstick, onChange }: YardstickSentenceProps<'recorded'>) {
  const { data: sources = [] } = api.useSourcesQuery();
  const dated = sources.filter(({ columns }) => columns.some(({ kind }) => kind === 'date'));
  const source = sources.find(({ id }) => id === yardstick.sourceId);
  const columns = source?.columns ?? [];
  const choose = (sourceId: number) => {
    const own = sources.find(({ id }) => id === sourceId)?.columns ?? [];
    const first = (kind: string) => own.find((column) => column.kind === kind)?.name ?? '';
    onChange({ ...yardstick, sourceId, date: first('date'), label: first('text') });
  };
  return (
    <>
      A line at each{' '}
      <Phrase
        words={source ? `${yardstick.date} of ${source.name}` : 'date of a source'}
        label="Dates"
      >
        <SelectField
          label="Source"
          value={yardstick.sourceId}
          placeholder="Choose a source"
          onChange={choose}
          options={dated.map(({ id, name }) => ({ value: id, label: name }))}
        />
        {source && (
          <SelectField
            label="Dates in"
            value={yardstick.date}
            onChange={(date) => onChange({ ...yardstick, date })}
            options={columns
              .filter(({ kind }) => kind === 'date')
              .map(({ name }) => ({ value: name, label: name }))}
          />
        )}
      </Phrase>
      {source && (
        <>
          , named by{' '}
          <Phrase words={yardstick.label || 'nothing'} label="Named by">
            <SelectField
              label="Named by"
              value={yardstick.label}
              onChange={(label) => onChange({ ...yardstick, label })}
              options={[
                { value: '', label: 'nothing' },
                ...columns.map(({ name }) => ({ value: name, label: name })),
              ]}
            />
          </Phrase>
        </>
      )}
      .
    </>
  );
}
