import { useMemo, useState } from 'react';
import { isProblem, readFormula } from '../../core/formula';
import type { Choice, Sheet } from '../../core/preparation';
import { column, type Setting, word } from '../../core/sentences';
import { cellFigure, cellText } from '../../core/table';
import { api } from '../api';
import { SettingControl, Speaking } from '../sentences';

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

/** The control of the vocabulary that sets a phrase, by what can stand there. */
const settingOf: { [As in Choice['as']]: (choose: Extract<Choice, { as: As }>) => Setting } = {
  column: () => ({ control: 'column' }),
  columns: () => ({ control: 'several', of: column }),
  words: () => ({ control: 'several', of: word }),
  text: () => ({ control: 'text' }),
  number: () => ({ control: 'number', from: -Infinity, to: Infinity, whole: false }),
  formula: () => ({ control: 'formula', of: ['column'] }),
  source: () => ({ control: 'name', of: ['source'] }),
  one: ({ of }) => ({ control: 'choice', choices: of.map(({ value, label }) => [value, label]) }),
};

/** What is written letter by letter takes effect when it is left: the table does not follow every one. */
const written = new Set<Choice['as']>(['text', 'number', 'formula']);

/** What can be put in the place of a phrase of a preparation. */
export function StepSetting({ label, value, choose, onChange, ...around }: StepSettingProps) {
  const [draft, setDraft] = useState(value);
  const about = useSheet(choose, around);
  const setting = (settingOf[choose.as] as (choose: Choice) => Setting)(choose);
  const isWritten = written.has(choose.as);
  const take = () => {
    const isWhole =
      choose.as !== 'formula' || !isProblem(readFormula(String(draft), around.before.columns));
    if (isWritten && isWhole && draft !== '' && draft !== value) onChange(draft);
  };
  return (
    <Speaking about={about}>
      <div onBlur={take} onKeyUp={({ key }) => key === 'Enter' && take()}>
        <SettingControl
          setting={setting}
          label={label}
          value={isWritten ? draft : value}
          onChange={isWritten ? setDraft : onChange}
        />
        {choose.as === 'formula' && <FirstRow text={String(draft)} before={around.before} />}
      </div>
    </Speaking>
  );
}

/** What the sentences of a step can name: the columns that come to it, or those that it looks up in. */
function useSheet(
  choose: Choice,
  { before, wordsOf, sourceId }: Pick<StepSettingProps, 'before' | 'wordsOf' | 'sourceId'>,
) {
  const { data: sources } = api.useSourcesQuery();
  return useMemo(() => {
    const known = (sources ?? []).map(({ id, name, columns }) => ({ id, name, columns }));
    const looksUp = 'of' in choose && choose.of === 'lookup';
    const found = known.find(({ id }) => id === sourceId)?.columns.map(({ name }) => name) ?? [];
    const named = (looksUp ? found : before.columns).map((name) => ({ id: name, name }));
    const place = wordsOf === null ? -1 : before.columns.indexOf(wordsOf);
    const words = before.rows.map((cells) => cellText(cells[place] ?? '').trim());
    return {
      names: {
        column: named,
        source: known.map(({ id, name }) => ({ id, name })),
        bare: true as const,
      },
      words: [...new Set(words)].filter(Boolean).slice(0, 200),
      level: 0,
      today: '2026-01-01',
    };
  }, [choose, before, wordsOf, sourceId, sources]);
}

/** What a formula comes to in the first row. */
function FirstRow({ text, before }: { text: string; before: Sheet }) {
  const read = readFormula(text, before.columns);
  if (isProblem(read)) return null;
  const [first] = before.rows;
  const found = read.evaluate((name) =>
    cellFigure(first?.[before.columns.indexOf(name)] ?? '', '.'),
  );
  return (
    <span className="small quiet" role="status">
      In the first row: {found ?? 'missing'}
    </span>
  );
}
