import { type ChartDefinition, spanEntry } from '../../../core/chart';
import { countPeriods } from '../../../core/labels';
import type { Reading } from '../../../core/reading';
import type { Entry } from '../../../core/sentences';
import { Phrase } from '../../controls';
import { SettingField } from '../sentences';
import { useChange } from '../useBench';

interface SpanPhraseProps {
  chart: ChartDefinition;
  reading: Reading | null;
}

/** Which periods are shown. */
export function SpanPhrase({ chart, reading }: SpanPhraseProps) {
  const change = useChange();
  return (
    <Phrase words={sayShown(chart, reading)} label="Shown">
      <SettingField
        entry={spanEntry as Entry<unknown>}
        label="Shown"
        value={chart.span}
        onChange={(span) =>
          change((before) => ({ ...before, span: span as ChartDefinition['span'] }))
        }
      />
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
