import { Input } from 'antd';
import { useId, useState } from 'react';

/** What a list offers to be written. */
export interface Completion {
  /** tells it from the others of the list; without spaces */
  key: string;
  /** what stands before it in the line, in grey; empty for none */
  before: string;
  words: string;
  /** the whole line once it is taken; null for what only tells what may be written */
  line: string | null;
}

export interface CompletionGroup {
  /** empty for none */
  heading: string;
  completions: readonly Completion[];
}

interface CompletedFieldProps {
  label: string;
  placeholder: string;
  value: string;
  groups: readonly CompletionGroup[];
  /** whether the list is shown while the field is in use */
  open: boolean;
  onWrite: (line: string) => void;
  onEnter: () => void;
  onEscape: () => void;
}

/**
 * A text field with a list of what could be written next beneath it. Walking keeps the focus in the
 * field (the combobox of ARIA 1.2). It is drawn anew at each keystroke, which is why it is no more
 * than a field and a list.
 */
export function CompletedField(props: CompletedFieldProps) {
  const { label, placeholder, value, groups, open, onWrite, onEnter, onEscape } = props;
  const id = useId();
  const [used, setUsed] = useState(true);
  const [walked, setWalked] = useState<string | null>(null);
  const all = groups.flatMap(({ completions }) => completions.filter(({ line }) => line !== null));
  const shown = open && used && groups.length > 0;
  const at = shown ? all.findIndex(({ key }) => key === walked) : -1;
  const write = (line: string | null | undefined) => {
    if (line === null || line === undefined) return;
    setWalked(null);
    onWrite(line);
  };
  const walk = (step: 1 | -1) => {
    const next = at < 0 && step < 0 ? all.length - 1 : (at + step + all.length) % all.length;
    setWalked(all[next]?.key ?? null);
    document.getElementById(`${id}-${all[next]?.key}`)?.scrollIntoView({ block: 'nearest' });
  };
  const keys: Readonly<Record<string, () => void>> = {
    ArrowDown: () => walk(1),
    ArrowUp: () => walk(-1),
    Enter: () => (at < 0 ? onEnter() : write(all[at]?.line)),
    Escape: onEscape,
    ...(all.length > 0 && value.trim() !== '' && { Tab: () => write(all[Math.max(at, 0)]?.line) }),
  };
  const press = (event: React.KeyboardEvent) => {
    const act = keys[event.key];
    if (!act || event.nativeEvent.isComposing || event.shiftKey) return;
    event.preventDefault();
    act();
  };
  return (
    <div className="completed-field">
      <Input
        autoFocus
        role="combobox"
        aria-label={label}
        aria-expanded={shown}
        aria-controls={id}
        aria-autocomplete="list"
        aria-activedescendant={at < 0 ? undefined : `${id}-${all[at]?.key}`}
        autoComplete="off"
        placeholder={placeholder}
        value={value}
        onChange={({ target }) => write(target.value)}
        onFocus={() => setUsed(true)}
        onBlur={() => setUsed(false)}
        onKeyDown={press}
      />
      <div className="completions" id={id} role="listbox" aria-label="Offered" hidden={!shown}>
        {groups.map(({ heading, completions }) => (
          <div key={heading} role={heading ? 'group' : 'presentation'} aria-label={heading}>
            {heading && <p className="completions-heading">{heading}</p>}
            {completions.map(({ key, before, words, line }) => (
              <div
                key={key}
                id={`${id}-${key}`}
                role="option"
                aria-selected={at >= 0 && key === walked}
                aria-disabled={line === null}
                className="completion"
                // The field keeps the focus, so that the list stays until what was pressed is written.
                onMouseDown={(event) => event.preventDefault()}
                onClick={() => write(line)}
              >
                {before && <span className="quiet">{before} </span>}
                {words}
              </div>
            ))}
          </div>
        ))}
      </div>
    </div>
  );
}
