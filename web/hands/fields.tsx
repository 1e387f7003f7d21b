import { Checkbox, Input, InputNumber, Select, Slider } from 'antd';
import { type NumberMarks, numberMarks, writeWhole } from '../../core/labels';
import type {
  ChoiceProps,
  NumberProps,
  RangeProps,
  SeveralProps,
  TickProps,
  TitleProps,
} from './hand';

export const Choice = ({ label, value, options, width, onChange }: ChoiceProps) => (
  <Select
    aria-label={label}
    value={value}
    options={[...options]}
    style={{ width }}
    popupMatchSelectWidth={false}
    onChange={onChange}
  />
);

export const Several = ({ label, value, options, none, width, onChange }: SeveralProps) => (
  <Select
    mode="multiple"
    aria-label={label}
    value={[...value]}
    options={[...options]}
    placeholder={none}
    maxTagCount="responsive"
    style={{ width }}
    popupMatchSelectWidth={false}
    onChange={onChange}
  />
);

/** A number as it is written with some marks. */
function readWritten(written: string, marks: NumberMarks): number {
  const { group, decimal } = numberMarks[marks];
  const plain = written.replaceAll(group, '').replaceAll(/\s/g, '').replace('\u2212', '-');
  return Number(plain.replace(decimal, '.'));
}

export const TypedNumber = ({ label, from, to, step, value, marks, onChange }: NumberProps) => {
  const { decimal } = numberMarks[marks];
  return (
    <InputNumber
      aria-label={`${label}, typed`}
      className="typed-number"
      controls={false}
      min={from}
      max={to}
      step={step}
      value={value}
      decimalSeparator={decimal}
      formatter={(written, { userTyping }) =>
        userTyping || written === undefined
          ? String(written ?? '')
          : writeWhole(Number(written), marks)
      }
      parser={(written = '') => readWritten(written, marks)}
      onChange={(next) => next !== null && Number.isFinite(next) && onChange(next)}
    />
  );
};

export const Range = ({ label, from, to, step, value, said, onChange }: RangeProps) => (
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
);

export const Tick = ({ checked, onChange, children }: TickProps) => (
  <Checkbox checked={checked} onChange={({ target }) => onChange(target.checked)}>
    {children}
  </Checkbox>
);

export const TitleField = ({ label, value, onChange, onDone, onLeave }: TitleProps) => (
  <Input
    aria-label={label}
    value={value}
    maxLength={160}
    autoFocus
    onChange={({ target }) => onChange(target.value)}
    onBlur={onDone}
    onPressEnter={onDone}
    onKeyDown={({ key }) => key === 'Escape' && onLeave()}
  />
);
