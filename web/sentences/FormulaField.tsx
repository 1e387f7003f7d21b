import { AutoComplete, Input } from 'antd';
import { isProblem, readFormula, writtenName } from '../../core/formula';
import { Act } from '../controls';
import { completions } from './completions';

interface FormulaFieldProps {
  text: string;
  /** what may stand in it */
  names: readonly string[];
  onChange: (text: string) => void;
}

/** A formula: names are completed as they are written, and what is wrong is said where it stands. */
export function FormulaField({ text, names, onChange }: FormulaFieldProps) {
  const read = readFormula(text, names);
  const wrong = text !== '' && isProblem(read) ? read : null;
  return (
    <div className="field">
      <span>Formula</span>
      <AutoComplete
        value={text}
        options={completions(text, names).map((value) => ({ value, label: value }))}
        onChange={onChange}
        popupMatchSelectWidth={false}
      >
        <Input
          aria-label="Formula"
          aria-invalid={wrong !== null}
          placeholder={names.slice(0, 2).map(writtenName).join(' / ')}
          autoComplete="off"
        />
      </AutoComplete>
      {wrong && (
        <span className="problem small">
          {wrong.sentence} <PlaceInText text={text} at={wrong.at} />
        </span>
      )}
      <span className="row small quiet">
        {names.slice(0, 12).map((name) => (
          <Act
            key={name}
            onClick={() =>
              onChange(`${text}${text && !/[\s(]$/.test(text) ? ' ' : ''}${writtenName(name)}`)
            }
          >
            {name}
          </Act>
        ))}
      </span>
    </div>
  );
}

/** The formula with the place marked from which it cannot be read. */
function PlaceInText({ text, at }: { text: string; at: number }) {
  if (at >= text.length) return <code>{text.slice(-24)} …</code>;
  return (
    <code>
      {text.slice(Math.max(0, at - 16), at)}
      <mark>{text.slice(at, at + 12)}</mark>
    </code>
  );
}
