import { DatePicker } from 'antd';
import dayjs from 'dayjs';
import { useDateFormat } from '../controls';
import type { DayProps, DaysProps } from './hand';

export const DayField = ({ label, value, dates, onChange }: DayProps) => (
  <DatePicker
    aria-label={label}
    className="day-field"
    value={dayjs(value)}
    format={useDateFormat(dates)}
    allowClear={false}
    onChange={(day) => day && onChange(day.format('YYYY-MM-DD'))}
  />
);

/** Two days, or either. */
export const DaysField = ({ label, value: [from, to], dates, reach, onChange }: DaysProps) => {
  const format = useDateFormat(dates);
  const written = (day: dayjs.Dayjs | null) => day?.format('YYYY-MM-DD') ?? '';
  const ends = [
    { end: 'from', at: from, begins: reach?.[0], set: (day: string) => onChange([day, to]) },
    { end: 'up to', at: to, begins: reach?.[1], set: (day: string) => onChange([from, day]) },
  ];
  return ends.map(({ end, at, begins, set }) => (
    <span key={end} className="row">
      <span className="quiet small" aria-hidden>
        {end}
      </span>
      <DatePicker
        aria-label={`${label}, ${end}`}
        className="day-field"
        value={at ? dayjs(at) : null}
        defaultPickerValue={begins ? dayjs(begins) : undefined}
        placeholder={end === 'from' ? 'the first' : 'the last'}
        format={format}
        onChange={(day) => set(written(day))}
      />
    </span>
  ));
};
