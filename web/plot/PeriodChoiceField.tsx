import type { Day } from '../../core/calendar';
import type { PeriodChoice } from '../../core/arrangements';
import { Choice } from '../hands';

interface PeriodChoiceFieldProps {
  choice: PeriodChoice;
  onChoose: (start: Day) => void;
}

/** A period that readers choose for themselves, as the later one of a slope. */
export function PeriodChoiceField({ choice, onChoose }: PeriodChoiceFieldProps) {
  const { label, chosen, periods } = choice;
  const options = periods.map(({ start, label: name }) => ({ value: String(start), label: name }));
  const isSet = chosen !== null && !periods.some(({ start }) => start === chosen);
  return (
    <>
      <span className="quiet" aria-hidden>
        {label}
      </span>
      <Choice
        label={label}
        value={String(chosen ?? '')}
        options={isSet ? [{ value: String(chosen), label: 'as set' }, ...options] : options}
        onChange={(start) => onChoose(Number(start))}
      />
    </>
  );
}
