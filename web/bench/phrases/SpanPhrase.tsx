import type { ChartDefinition, SpanDefinition } from '../../../core/chart';
import { countPeriods } from '../../../core/labels';
import type { Reading } from '../../../core/reading';
import {
  NumberField,
  OptionalDateField,
  OptionalNumberField,
  Phrase,
  SelectField,
} from '../../controls';
import { useChange } from '../useBench';

const drafts: Record<SpanDefinition['kind'], SpanDefinition> = {
  fixed: { kind: 'fixed', from: null, to: null },
  last: { kind: 'last', count: 13 },
  lastActual: { kind: 'lastActual', count: null },
  thisYear: { kind: 'thisYear' },
};

const kindWords: Record<SpanDefinition['kind'], string> = {
  fixed: 'from a date to a date',
  last: 'the last so many, up to today',
  lastActual: 'up to the last actual',
  thisYear: 'this year',
};

interface SpanPhraseProps {
  chart: ChartDefinition;
  reading: Reading | null;
}

/** Which periods are shown. */
export function SpanPhrase({ chart, reading }: SpanPhraseProps) {
  const change = useChange();
  const { span } = chart;
  const set = (next: SpanDefinition) => change((before) => ({ ...before, span: next }));
  return (
    <Phrase words={sayShown(chart, reading)} label="Shown">
      <SelectField
        label="Shown"
        value={span.kind}
        onChange={(kind) => set(drafts[kind])}
        options={Object.entries(kindWords).map(([value, label]) => ({
          value: value as SpanDefinition['kind'],
          label,
        }))}
      />
      {span.kind === 'last' && (
        <NumberField
          label="How many"
          value={span.count}
          min={1}
          max={4000}
          whole
          onChange={(count) => set({ ...span, count })}
        />
      )}
      {span.kind === 'lastActual' && (
        <OptionalNumberField
          label="How many, or all"
          value={span.count}
          min={1}
          max={4000}
          whole
          placeholder="all"
          onChange={(count) => set({ ...span, count })}
        />
      )}
      {span.kind === 'fixed' &&
        (['from', 'to'] as const).map((end) => (
          <OptionalDateField
            key={end}
            label={end === 'from' ? 'First day shown' : 'Last day shown'}
            value={span[end]}
            placeholder={end === 'from' ? 'from the first figure' : 'to the last figure'}
            onChange={(day) => set({ ...span, [end]: day })}
          />
        ))}
    </Phrase>
  );
}

function sayShown({ span, grain }: ChartDefinition, reading: Reading | null): string {
  if (span.kind === 'last') return `the last ${countPeriods(span.count, grain)}`;
  if (span.kind === 'thisYear') return 'this year';
  if (span.kind === 'lastActual')
    return span.count === null
      ? 'up to the last actual'
      : `${countPeriods(span.count, grain)} up to the last actual`;
  if (reading?.axis !== 'calendar' || reading.positions.length === 0)
    return span.from || span.to ? 'a part of it' : 'all there is';
  const [first, last] = [reading.positions[0], reading.positions.at(-1)];
  return `${first?.label ?? 'the first figure'} to ${last?.label ?? 'the last'}`;
}
