import './typed.css';
import { AutoComplete, type AutoCompleteProps } from 'antd';
import { useMemo, useRef, useState } from 'react';
import type { ChartDefinition } from '../../../core/chart';
import { type Names, type Offer, offersFor, readText } from '../../../core/sentences';
import {
  anyLine,
  namesWith,
  type Suggested,
  suggestions,
  type Typed,
  withTyped,
} from '../../../core/text';
import { useChange } from '../useBench';

interface TypedLineProps {
  chart: ChartDefinition;
  /** what can be named beside what the chart holds */
  around: Names;
  /** a value in the middle of the axis, and today, for what is suggested */
  about: { level: number; today: string };
  /** shows the chart as a line would make it; null: as it is */
  onPreview: (typed: Typed | null) => void;
  onClose: () => void;
}

/** More offers than these are not read. */
const mostOffers = 8;

/** A line to type into: it completes what is written, shows what it would do, and says what it did. */
export function TypedLine({ chart, around, about, onPreview, onClose }: TypedLineProps) {
  const [text, setText] = useState('');
  const [said, setSaid] = useState<{ words: string; wrong: boolean } | null>(null);
  const [focused, setFocused] = useState(true);
  // Enter adds the line only when it went down here, and took no offer.
  const chosen = useRef(true);
  // What was last drawn of it: while more is written after that, it stays.
  const shown = useRef('');
  const change = useChange();
  const names = useMemo(() => namesWith(chart, around), [chart, around]);
  const offers = useMemo(
    () => (text.trim() === '' ? [] : offersFor(anyLine, text, names).slice(0, mostOffers)),
    [text, names],
  );
  const write = (next: string) => {
    setText(next);
    setSaid(null);
    const read = readText(anyLine, next, names);
    if ('value' in read) {
      shown.current = next;
      onPreview(read.value);
    } else if (!next.startsWith(shown.current)) onPreview(null);
  };
  const take = ({ from, text: offered }: Offer) =>
    write(`${joined(text.slice(0, from))}${offered} `);
  const add = () => {
    if (text.trim() === '') return;
    const read = readText(anyLine, text, names);
    if ('problem' in read) {
      setSaid({ words: read.problem.sentence, wrong: true });
      return;
    }
    const { value } = read;
    change((before) => withTyped(before, value));
    onPreview(null);
    setText('');
    setSaid({ words: `Done: ${anyLine.print(value, names)}.`, wrong: false });
  };
  const onKeyDown = (event: React.KeyboardEvent) => {
    chosen.current = false;
    const first = offers.find(({ open }) => !open);
    if (event.key === 'Tab' && !event.shiftKey && first) {
      event.preventDefault();
      take(first);
    }
    if (event.key === 'Escape') {
      onPreview(null);
      onClose();
    }
  };
  const suggested = text.trim() === '' ? suggestions(chart, { names, ...about }) : [];
  const example = suggested[0]?.all[1];
  return (
    <div className="typed-line">
      <AutoComplete
        autoFocus
        open={focused && said === null}
        onFocus={() => setFocused(true)}
        onBlur={() => setFocused(false)}
        className="typed-field"
        virtual={false}
        aria-label="A line that adds to the chart"
        placeholder={example && `as: ${anyLine.print(example, names)}`}
        value={text}
        defaultActiveFirstOption={false}
        options={
          text.trim() === ''
            ? suggested.map((each) => grouped(each, names))
            : offers.map((each, place) => option(text, each, place))
        }
        onSearch={write}
        onSelect={(_, { line }: Options[number]) => {
          chosen.current = true;
          write(String(line));
        }}
        onInputKeyDown={onKeyDown}
        onKeyUp={({ key, nativeEvent }) => {
          // Enter takes an offer that was walked to; else it adds the line.
          if (key === 'Enter' && !chosen.current && !nativeEvent.isComposing) add();
        }}
      />
      <p className="typed-hint quiet small">
        Enter adds it, Tab takes the first word offered, Esc closes
      </p>
      {said && (
        <p className={said.wrong ? 'problem' : 'typed-said'} role={said.wrong ? 'alert' : 'status'}>
          {said.words}
        </p>
      )}
    </div>
  );
}

/** Words that end without a space get one before what follows them. */
const joined = (text: string) => (text === '' || /[\s("]$/.test(text) ? text : `${text} `);

type Options = NonNullable<AutoCompleteProps['options']>;

const option = (
  text: string,
  { from, text: offered, open }: Offer,
  place: number,
): Options[number] => ({
  // Never what is written, which the list would take for chosen; and the same at each keystroke, so that
  // only its words are drawn anew.
  value: `offer ${place}`,
  line: `${joined(text.slice(0, from))}${offered} `,
  disabled: open,
  label: (
    <span className={open ? 'typed-offer open' : 'typed-offer'}>
      <span className="quiet">{tail(text.slice(0, from))}</span> {offered}
    </span>
  ),
});

/** As much of what is written as stands before an offer. */
const tail = (text: string) =>
  text.length > 40 ? `… ${text.slice(-38).replace(/^\S*\s+/, '')}` : text;

const grouped = ({ group, all }: Suggested, names: Names): Options[number] => {
  const lines = all.map((each) => anyLine.print(each, names));
  return {
    label: group,
    options: lines.map((line) => ({ value: `0 ${line}`, line, label: line })),
  };
};
