import { type ChartDefinition, spanEntry } from '../../../core/chart';
import type { Reading } from '../../../core/reading';
import type { Entry } from '../../../core/sentences';
import { Phrase } from '../../controls';
import { SettingField } from '../../sentences';
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

/** What is shown of a stretch that is written: where it begins and ends; of any other, how it is found. */
function sayShown({ span }: ChartDefinition, reading: Reading | null): string {
  const { axis = 'words', positions = [] } = reading ?? {};
  const [first, last] = [positions[0], positions.at(-1)];
  if (span.kind !== 'fixed' || axis !== 'calendar' || !first || !last)
    return spanEntry.print(span, {});
  return `${first.label} to ${last.label}`;
}
