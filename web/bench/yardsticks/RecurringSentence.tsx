import { weekdayNames } from '../../../core/labels';
import type { YardstickDefinition } from '../../../core/yardsticks';
import { Phrase, SelectField } from '../../controls';
import type { YardstickSentenceProps } from './yardstickSentence';

type Each = Extract<YardstickDefinition, { kind: 'recurring' }>['each'];

const eachWords: Record<Each, string> = {
  weekday: 'weekday',
  monthStart: 'start of a month',
  monthEnd: 'end of a month',
  quarterEnd: 'end of a quarter',
  yearStart: 'start of a fiscal year',
};

/** A date line again and again. */
export function RecurringSentence({ yardstick, onChange }: YardstickSentenceProps<'recurring'>) {
  const { each, weekday } = yardstick;
  const words = each === 'weekday' ? (weekdayNames[weekday - 1] ?? '') : eachWords[each];
  return (
    <>
      A line at each{' '}
      <Phrase words={words} label="Each">
        <SelectField
          label="Each"
          value={each}
          onChange={(next) => onChange({ ...yardstick, each: next })}
          options={Object.entries(eachWords).map(([value, label]) => ({
            value: value as Each,
            label,
          }))}
        />
        {each === 'weekday' && (
          <SelectField
            label="Weekday"
            value={weekday}
            onChange={(next) => onChange({ ...yardstick, weekday: next })}
            options={weekdayNames.map((label, at) => ({ value: at + 1, label }))}
          />
        )}
      </Phrase>
      .
    </>
  );
}
