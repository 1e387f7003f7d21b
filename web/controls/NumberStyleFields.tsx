import { Checkbox, Input } from 'antd';
import {
  figureFormat,
  type NumberMarks,
  numberMarks,
  type NumberStyle,
  writeFigure,
} from '../../core/labels';
import { SelectField } from './SelectField';

const sample = 12_345.678;

/** A figure as a style writes it: a live example. */
export const sampleFigure = (style: NumberStyle) =>
  writeFigure(sample, figureFormat(sample, false, style));

interface NumberStyleFieldsProps {
  value: NumberStyle;
  onChange: (value: NumberStyle) => void;
}

/** How figures are written. */
export function NumberStyleFields({ value, onChange }: NumberStyleFieldsProps) {
  const set = (more: Partial<NumberStyle>) => onChange({ ...value, ...more });
  const marked = (marks: NumberMarks) =>
    sampleFigure({ ...value, marks, decimals: 1, short: false, unit: '' });
  return (
    <>
      <SelectField
        label="Marks"
        value={value.marks}
        onChange={(marks) => set({ marks })}
        options={(Object.keys(numberMarks) as NumberMarks[]).map((marks) => ({
          value: marks,
          label: marked(marks),
        }))}
      />
      <SelectField
        label="Decimals"
        value={value.decimals ?? -1}
        onChange={(decimals) => set({ decimals: decimals < 0 ? null : decimals })}
        options={[
          { value: -1, label: 'as many as it takes' },
          ...[0, 1, 2, 3, 4].map((count) => ({ value: count, label: String(count) })),
        ]}
      />
      <Checkbox checked={value.short} onChange={({ target }) => set({ short: target.checked })}>
        Thousands as k, millions as m
      </Checkbox>
      <label className="field">
        <span>Unit</span>
        <Input
          value={value.unit}
          aria-label="Unit"
          maxLength={12}
          placeholder="none"
          onChange={({ target }) => set({ unit: target.value })}
        />
      </label>
      {value.unit !== '' && (
        <SelectField
          label="It stands"
          value={value.unitAt}
          onChange={(unitAt) => set({ unitAt })}
          options={[
            { value: 'before' as const, label: 'before the figure' },
            { value: 'after' as const, label: 'after the figure' },
          ]}
        />
      )}
      <p className="small quiet">As in {sampleFigure(value)}</p>
    </>
  );
}
