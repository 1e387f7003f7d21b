import type { Day } from '../../core/calendar';
import type { PeriodChoice } from '../../core/arrangements';

interface PeriodChoiceFieldProps {
  choice: PeriodChoice;
  onChoose: (start: Day) => void;
}

/** A period that readers choose for themselves, as the later one of a slope. */
export function PeriodChoiceField({ choice, onChoose }: PeriodChoiceFieldProps) {
  const { label, chosen, periods } = choice;
  return (
    <label className="period-choice small">
      <span className="quiet">{label}</span>
      <select
        className="input"
        value={chosen ?? ''}
        onChange={({ target }) => onChoose(Number(target.value))}
      >
        {chosen !== null && !periods.some(({ start }) => start === chosen) && (
          <option value={chosen}>as set</option>
        )}
        {periods.map(({ start, label: name }) => (
          <option key={start} value={start}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}
