import { Input, Select } from 'antd';
import { useState } from 'react';
import { isProblem, readFormula } from '../../core/formula';
import type { Choice, Sheet } from '../../core/preparation';
import { cellFigure, cellText, readNumber } from '../../core/table';
import { api } from '../api';

export interface StepSettingProps {
  label: string;
  /** what it is set to */
  value: unknown;
  choose: Choice;
  /** the rows that come to the step */
  before: Sheet;
  /** the column whose words can be chosen */
  wordsOf: string | null;
  /** the source that the step looks up in */
  sourceId: number | null;
  onChange: (value: unknown) => void;
}

/** What can be put in the place of a phrase, by what kind of thing it is; a new kind is an entry here. */
const settings: { [As in Choice['as']]: (props: StepSettingProps) => React.ReactNode } = {
  column: (props) => <ColumnField {...props} many={false} />,
  columns: (props) => <ColumnField {...props} many />,
  words: WordsField,
  text: TextField,
  number: TextField,
  formula: FormulaField,
  source: SourceField,
  one: OneField,
};

export function StepSetting(props: StepSettingProps) {
  const Field = settings[props.choose.as];
  return <Field {...props} />;
}

function ColumnField(props: StepSettingProps & { many: boolean }) {
  const { label, value, before, choose, sourceId, many, onChange } = props;
  const { data: sources } = api.useSourcesQuery();
  const looksUp = 'of' in choose && choose.of === 'lookup';
  const names = looksUp
    ? (sources?.find(({ id }) => id === sourceId)?.columns.map(({ name }) => name) ?? [])
    : before.columns;
  return (
    <label className="field">
      <span>{label}</span>
      <Select
        mode={many ? 'multiple' : undefined}
        showSearch
        aria-label={label}
        value={value as string | string[]}
        popupMatchSelectWidth={false}
        onChange={onChange}
        options={names.map((name) => ({ value: name, label: name }))}
      />
    </label>
  );
}

function WordsField({ label, value, before, wordsOf, onChange }: StepSettingProps) {
  const place = wordsOf === null ? -1 : before.columns.indexOf(wordsOf);
  const words = [...new Set(before.rows.map((cells) => cellText(cells[place] ?? '').trim()))];
  return (
    <label className="field">
      <span>{label}</span>
      <Select
        mode="tags"
        aria-label={label}
        value={value as string[]}
        onChange={onChange}
        options={words
          .filter(Boolean)
          .slice(0, 200)
          .map((word) => ({ value: word, label: word }))}
      />
    </label>
  );
}

/** Takes effect when it is left, so that the table does not follow every letter. */
function TextField({ label, value, choose, onChange }: StepSettingProps) {
  const [text, setText] = useState(String(value ?? ''));
  const figure = choose.as === 'number' ? readNumber(text, '.') : null;
  const wrong = choose.as === 'number' ? figure === null : text.trim() === '';
  const take = () => {
    if (wrong || text === String(value)) return;
    onChange(choose.as === 'number' ? figure : text.trim());
  };
  return (
    <label className="field">
      <span>{label}</span>
      <Input
        aria-label={label}
        value={text}
        status={wrong ? 'error' : undefined}
        onChange={(event) => setText(event.target.value)}
        onBlur={take}
        onPressEnter={take}
      />
    </label>
  );
}

function FormulaField({ label, value, before, onChange }: StepSettingProps) {
  const [text, setText] = useState(String(value ?? ''));
  const read = readFormula(text, before.columns);
  const [first] = before.rows;
  const found = isProblem(read)
    ? null
    : read.evaluate((name) => cellFigure(first?.[before.columns.indexOf(name)] ?? '', '.'));
  const take = () => !isProblem(read) && text !== value && onChange(text);
  return (
    <label className="field">
      <span>{label}</span>
      <Input.TextArea
        aria-label={label}
        autoSize
        value={text}
        status={isProblem(read) ? 'error' : undefined}
        onChange={(event) => setText(event.target.value)}
        onBlur={take}
        onPressEnter={(event) => {
          event.preventDefault();
          take();
        }}
      />
      <span className={isProblem(read) ? 'small off' : 'small quiet'} role="status">
        {isProblem(read)
          ? `${read.sentence} (at character ${read.at + 1})`
          : `In the first row: ${found ?? 'missing'}`}
      </span>
    </label>
  );
}

function SourceField({ label, value, onChange }: StepSettingProps) {
  const { data: sources } = api.useSourcesQuery();
  return (
    <label className="field">
      <span>{label}</span>
      <Select
        aria-label={label}
        value={(value as number) || undefined}
        placeholder="a source"
        onChange={onChange}
        options={(sources ?? []).map(({ id, name }) => ({ value: id, label: name }))}
      />
    </label>
  );
}

function OneField({ label, value, choose, onChange }: StepSettingProps) {
  if (choose.as !== 'one') return null;
  return (
    <label className="field">
      <span>{label}</span>
      <Select
        aria-label={label}
        value={value as string}
        onChange={onChange}
        options={choose.of.map((each) => ({ value: each.value as string, label: each.label }))}
      />
    </label>
  );
}
