import type { Question, Understanding } from '../../contract';
import { type DatePattern, readDate } from '../../core/calendar';
import { writeDay } from '../../core/labels';
import type { ColumnUnderstanding } from '../../core/table';
import { SelectField } from '../controls';
import { Button } from '../look';

interface QuestionsProps {
  understanding: Understanding;
  onColumn: (column: ColumnUnderstanding) => void;
}

/** What the file leaves open and only a person can answer, before anything is stored. */
export function Questions({ understanding, onColumn }: QuestionsProps) {
  const { questions, columns } = understanding;
  return questions.map((question) => {
    const column = columns.find(({ name }) => name === question.column);
    return (
      column && (
        <section
          key={question.column}
          className="sheet delivery-question"
          aria-label={`Question about ${question.column}`}
        >
          {question.kind === 'dateOrder' ? (
            <DateOrder
              question={question}
              onChoose={(datePattern) => onColumn({ ...column, datePattern })}
            />
          ) : (
            <FiscalStart
              question={question}
              onChoose={(fiscalStart) => onColumn({ ...column, fiscalStart })}
            />
          )}
        </section>
      )
    );
  });
}

interface DateOrderProps {
  question: Extract<Question, { kind: 'dateOrder' }>;
  onChoose: (pattern: DatePattern) => void;
}

function DateOrder({ question: { column, patterns, examples }, onChoose }: DateOrderProps) {
  const said = (pattern: DatePattern) =>
    examples
      .map((text) => {
        const day = readDate(text, pattern, { zone: 'UTC' });
        return day === null ? text : writeDay(day);
      })
      .join(', ');
  return (
    <>
      <p>
        The dates of <strong>“{column}”</strong> can be read in two ways. What is{' '}
        <strong>{examples.join(', ')}</strong>?
      </p>
      <div className="row">
        {patterns.map((pattern) => (
          <Button key={pattern} onClick={() => onChoose(pattern)}>
            {said(pattern)}
          </Button>
        ))}
      </div>
    </>
  );
}

const monthNames = Array.from({ length: 12 }, (_, month) =>
  new Date(Date.UTC(2024, month, 1)).toLocaleString('en-GB', { month: 'long', timeZone: 'UTC' }),
);

interface FiscalStartProps {
  question: Extract<Question, { kind: 'fiscalStart' }>;
  onChoose: (month: number) => void;
}

function FiscalStart({ question: { column, examples }, onChoose }: FiscalStartProps) {
  return (
    <>
      <p>
        <strong>“{column}”</strong> holds fiscal quarters: {examples.join(', ')}. In which month
        does the fiscal year begin? It is named after the year in which it ends.
      </p>
      <SelectField<number>
        label="The fiscal year begins in"
        value={null}
        placeholder="a month"
        options={monthNames.map((label, month) => ({ value: month + 1, label }))}
        onChange={onChoose}
      />
    </>
  );
}
