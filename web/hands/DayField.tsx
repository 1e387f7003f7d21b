import { DatePicker } from 'antd';
import dayjs from 'dayjs';
import { useDateFormat } from '../controls';
import type { DayProps } from './hand';

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
