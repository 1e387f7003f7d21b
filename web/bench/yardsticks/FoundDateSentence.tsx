import type { YardstickDefinition } from '../../../core/yardsticks';
import { Phrase, SelectField } from '../../controls';
import { OffsetField, sayOffset } from './OffsetField';
import type { YardstickSentenceProps } from './yardstickSentence';

type FoundDate = Extract<YardstickDefinition, { kind: 'foundDate' }>['at'];

const dateWords: Record<FoundDate, string> = {
  lastActual: 'the last actual',
  yearStart: 'the start of this fiscal year',
  yearEnd: 'the end of this fiscal year',
  dial: 'a dial',
};

/** A date line that finds its own date. */
export function FoundDateSentence({
  chart,
  yardstick,
  onChange,
}: YardstickSentenceProps<'foundDate'>) {
  const { at, dial, offsetDays } = yardstick;
  const dials = chart.dials.filter(({ kind }) => kind === 'date');
  const named = dials.find(({ id }) => id === dial)?.name;
  return (
    <>
      A line at{' '}
      <Phrase words={sayOffset(offsetDays, named ?? dateWords[at])} label="At">
        <SelectField
          label="At"
          value={at}
          onChange={(next) =>
            onChange({
              ...yardstick,
              at: next,
              dial: next === 'dial' ? (dials[0]?.id ?? null) : null,
            })
          }
          options={Object.entries(dateWords)
            .filter(([value]) => value !== 'dial' || dials.length > 0)
            .map(([value, label]) => ({ value: value as FoundDate, label }))}
        />
        {at === 'dial' && (
          <SelectField
            label="Dial"
            value={dial}
            onChange={(next) => onChange({ ...yardstick, dial: next })}
            options={dials.map(({ id, name }) => ({ value: id, label: name }))}
          />
        )}
        <OffsetField
          value={offsetDays}
          onChange={(next) => onChange({ ...yardstick, offsetDays: next })}
        />
      </Phrase>
      .
    </>
  );
}
