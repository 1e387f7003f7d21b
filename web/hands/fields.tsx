import { Checkbox, Input, Select, Slider } from 'antd';
import type { ChoiceProps, RangeProps, TickProps, TitleProps } from './hand';

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
