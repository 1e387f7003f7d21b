import { useAfterPaint } from '../useAfterPaint';
import './typed.css';
import { useEffect, useEffectEvent, useMemo, useRef, useState } from 'react';
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
import { CompletedField, type Completion, type CompletionGroup } from './CompletedField';

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
  const change = useChange();
  const names = useMemo(() => namesWith(chart, around), [chart, around]);
  const offers = useMemo(
    () => (text.trim() === '' ? [] : offersFor(anyLine, text, names).slice(0, mostOffers)),
    [text, names],
  );
  const write = (next: string) => {
    setText(next);
    setSaid(null);
  };
  usePreview(text, names, onPreview);
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
  const close = () => {
    onPreview(null);
    onClose();
  };
  const suggested = text.trim() === '' ? suggestions(chart, { names, ...about }) : [];
  const example = suggested[0]?.all[1];
  return (
    <div className="typed-line">
      <CompletedField
        label="A line that adds to the chart"
        placeholder={example ? `as: ${anyLine.print(example, names)}` : ''}
        value={text}
        groups={
          text.trim() === ''
            ? suggested.map((each, place) => grouped(each, place, names))
            : [{ heading: '', completions: offers.map((each, at) => completion(text, each, at)) }]
        }
        open={said === null}
        onWrite={write}
        onEnter={add}
        onEscape={close}
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

/**
 * Draws what a line would do once what it completes is painted. While more is written after what was
 * last drawn, that stays.
 */
function usePreview(written: string, names: Names, onPreview: TypedLineProps['onPreview']) {
  const text = useAfterPaint(written);
  const shown = useRef('');
  const show = useEffectEvent(() => {
    const read = readText(anyLine, text, names);
    if ('value' in read) {
      shown.current = text;
      onPreview(read.value);
    } else if (text === '' || !text.startsWith(shown.current)) onPreview(null);
  });
  useEffect(() => show(), [text]);
}

/** Words that end without a space get one before what follows them. */
const joined = (text: string) => (text === '' || /[\s("]$/.test(text) ? text : `${text} `);

const completion = (text: string, { from, text: words, open }: Offer, at: number): Completion => {
  const before = text.slice(0, from);
  return {
    key: `${at}`,
    before: tail(before),
    words,
    line: open ? null : `${joined(before)}${words} `,
  };
};

/** As much of what is written as stands before an offer. */
const tail = (text: string) =>
  text.length > 40 ? `… ${text.slice(-38).replace(/^\S*\s+/, '')}` : text;

const grouped = ({ group, all }: Suggested, place: number, names: Names): CompletionGroup => ({
  heading: group,
  completions: all.map((each, at) => {
    const line = anyLine.print(each, names);
    return { key: `${place}.${at}`, before: '', words: line, line };
  }),
});
