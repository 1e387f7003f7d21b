import { Checkbox, DatePicker, Select, Slider } from 'antd';
import dayjs from 'dayjs';
import type { DateStyle } from '../../core/labels';
import { Controls } from '../controls';
import type { ChoiceProps, DayProps, RangeProps, TickProps } from './hand';

/*
 * What reading needs of the control library: it comes after the first picture, into room that is kept.
 */

/** How the library's calendar writes the dates of a dashboard. */
const formats: Record<DateStyle, string> = {
  words: 'D MMM YYYY',
  dayFirst: 'DD.MM.YYYY',
  monthFirst: 'MM/DD/YYYY',
  iso: 'YYYY-MM-DD',
};

export const Choice = ({ label, value, options, width, onChange }: ChoiceProps) => (
  <Controls>
    <Select
      aria-label={label}
      value={value}
      options={[...options]}
      style={{ width }}
      popupMatchSelectWidth={false}
      onChange={onChange}
    />
  </Controls>
);

export const Range = ({ label, from, to, step, value, said, onChange }: RangeProps) => (
  <Controls>
    <Slider
      className="range"
      min={from}
      max={to}
      step={step}
      value={value}
      tooltip={{ open: false }}
      ariaLabelForHandle={label}
      ariaValueTextFormatterForHandle={() => said}
      onChange={onChange}
    />
  </Controls>
);

export const DayField = ({ label, value, dates, onChange }: DayProps) => (
  <Controls>
    <DatePicker
      aria-label={label}
      className="day-field"
      value={dayjs(value)}
      format={formats[dates]}
      allowClear={false}
      onChange={(day) => day && onChange(day.format('YYYY-MM-DD'))}
    />
  </Controls>
);

export const Tick = ({ checked, onChange, children }: TickProps) => (
  <Controls>
    <Checkbox checked={checked} onChange={({ target }) => onChange(target.checked)}>
      {children}
    </Checkbox>
  </Controls>
);
