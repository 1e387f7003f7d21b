import {
  type Phrase as SentencePhrase,
  phrasesOf,
  sayStep,
  type Sheet,
  type Step,
} from '../../core/preparation';
import { Act, Menu, Phrase } from '../controls';

import { StepSetting } from './StepSetting';

interface StepRowProps {
  step: Step;
  /** its place, counted from 1 */
  number: number;
  before: Sheet;
  /** what it did */
  remark: string | null;
  /** why it does not fit */
  misfit: string | null;
  pointedAt: boolean;
  onPoint: () => void;
  onChange: (step: Step) => void;
  onMove: ((by: -1 | 1) => void) | null;
  onRemove: (() => void) | null;
}

/** One sentence of a preparation: its phrases are its settings. */
export function StepRow(props: StepRowProps) {
  const { step, number, before, remark, misfit, pointedAt, onPoint, onChange } = props;
  return (
    <li
      className={`step${step.off ? ' step-off' : ''}${pointedAt ? ' step-pointed' : ''}`}
      aria-label={`Sentence ${number}: ${sayStep(step)}`}
    >
      <span className="step-number" aria-hidden>
        {number}
      </span>
      <div className="step-body">
        <p>
          {phrasesOf(step).map((phrase, place) => (
            <StepPhrase
              key={place}
              phrase={phrase}
              step={step}
              before={before}
              onChange={onChange}
            />
          ))}
          .
        </p>
        {misfit && <p className="small off">{misfit}</p>}
        {!misfit && remark && !step.off && <p className="small quiet">{remark}</p>}
        <StepActs {...props} onPoint={onPoint} />
      </div>
    </li>
  );
}

function StepActs({ step, number, pointedAt, onPoint, onChange, onMove, onRemove }: StepRowProps) {
  return (
    <div className="step-acts">
      <Act aria-pressed={pointedAt} onClick={onPoint}>
        {pointedAt ? 'Back to the table' : 'Before and after'}
      </Act>
      {onRemove && (
        <Act aria-pressed={!step.off} onClick={() => onChange({ ...step, off: !step.off })}>
          {step.off ? 'Switch on' : 'Switch off'}
        </Act>
      )}
      {onRemove && (
        <Menu
          label={`More for sentence ${number}`}
          items={[
            { label: 'Move up', act: () => onMove?.(-1) },
            { label: 'Move down', act: () => onMove?.(1) },
            { label: 'Delete', act: onRemove },
          ]}
        >
          More
        </Menu>
      )}
    </div>
  );
}

interface StepPhraseProps {
  phrase: SentencePhrase;
  step: Step;
  before: Sheet;
  onChange: (step: Step) => void;
}

const fieldNames: Record<string, string> = {
  from: 'First row of the head',
  to: 'Last row of the head',
  column: 'Column',
  columns: 'Columns',
  words: 'Words',
  keep: 'Keep or leave out',
  formula: 'Formula',
  name: 'Name',
  yearColumn: 'Column of the year',
  year: 'Or one year for all rows',
  partColumn: 'Column of the month or quarter',
  dayColumn: 'Column of the day',
  lookupKey: 'Key of the source looked up in',
  sourceId: 'Source',
  rest: 'The other columns',
  take: 'What is taken',
};

function StepPhrase({ phrase, step, before, onChange }: StepPhraseProps) {
  if (typeof phrase === 'string') return phrase;
  const values = step as unknown as Record<string, unknown>;
  const text = (name: string) =>
    typeof values[name] === 'string' ? (values[name] as string) : null;
  const label = nameOf(phrase.field);
  const around = {
    before,
    wordsOf: text('measure') ?? text('column'),
    sourceId: typeof values.sourceId === 'number' ? values.sourceId : null,
  };
  return (
    <Phrase label={label} words={phrase.text}>
      <StepSetting
        label={label}
        value={values[phrase.field]}
        choose={phrase.choose}
        {...around}
        onChange={(value) => onChange(changedStep(step, phrase.field, value, phrase.instead))}
      />
      {phrase.instead && (
        <StepSetting
          label={nameOf(phrase.instead.field)}
          value={values[phrase.instead.field]}
          choose={phrase.instead.choose}
          {...around}
          onChange={(value) =>
            onChange(changedStep(step, phrase.instead?.field ?? '', value, phrase))
          }
        />
      )}
    </Phrase>
  );
}

const nameOf = (field: string) =>
  fieldNames[field] ?? field.replace(/^./, (first) => first.toUpperCase());

/** A head of one row stays one row when its row is changed. */
function changedStep(step: Step, field: string, value: unknown, other?: { field: string }): Step {
  if (step.kind === 'head' && field === 'from' && step.from === step.to)
    return { ...step, from: value as number, to: value as number };
  return { ...step, ...(other && { [other.field]: null }), [field]: value } as Step;
}
