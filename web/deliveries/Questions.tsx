import type { ReactNode } from 'react';
import type { Question, Understanding } from '../../contract';
import { type DatePattern, readDate } from '../../core/calendar';
import { writeDay } from '../../core/labels';
import { type Proposal, sayStep } from '../../core/preparation';
import type { ColumnUnderstanding } from '../../core/table';
import { SelectField } from '../controls';
import { Button } from '../look';

interface QuestionsProps {
  understanding: Understanding;
  onColumn: (column: ColumnUnderstanding) => void;
  /** left out where the file has one part alone */
  onPart?: (part: string) => void;
  /** left out where nothing is proposed */
  onProposal?: (proposal: Proposal, taken: boolean) => void;
}

/** What the file leaves open and only a person can answer, before anything is stored. */
export function Questions({ understanding, onColumn, onPart, onProposal }: QuestionsProps) {
  const { questions, columns } = understanding;
  return questions.map((question) => {
    if (question.kind === 'part')
      return (
        <AskedSection key="part" about="the part of the file">
          <PartQuestion question={question} onChoose={onPart} />
        </AskedSection>
      );
    if (question.kind === 'proposal') {
      const { proposal } = question;
      return (
        <AskedSection key={proposal.key} about="the preparation">
          <ProposalQuestion
            proposal={proposal}
            onDecide={(taken) => onProposal?.(proposal, taken)}
          />
        </AskedSection>
      );
    }
    const column = columns.find(({ name }) => name === question.column);
    return (
      column && (
        <AskedSection key={question.column} about={question.column}>
          {question.kind === 'digits' ? (
            <DigitsQuestion
              question={question}
              onChoose={(kind) => onColumn({ ...column, kind })}
            />
          ) : question.kind === 'dateOrder' ? (
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
        </AskedSection>
      )
    );
  });
}

const AskedSection = ({ about, children }: { about: string; children: ReactNode }) => (
  <section className="sheet delivery-question" aria-label={`Question about ${about}`}>
    {children}
  </section>
);

interface PartQuestionProps {
  question: Extract<Question, { kind: 'part' }>;
  onChoose?: (part: string) => void;
}

/** Which sheet or list is meant, where the one that was wanted is not there. */
function PartQuestion({ question: { wanted, parts }, onChoose }: PartQuestionProps) {
  return (
    <>
      <p>
        There is no <strong>“{wanted}”</strong> in this file. Which of its parts is meant?
      </p>
      <div className="row">
        {parts.slice(0, 12).map((part) => (
          <Button key={part} onClick={() => onChoose?.(part)}>
            {part || 'the whole document'}
          </Button>
        ))}
      </div>
    </>
  );
}

interface ProposalQuestionProps {
  proposal: Proposal;
  onDecide: (taken: boolean) => void;
}

/** A sentence that these rows may need: with it or without it, nothing else comes in meanwhile. */
function ProposalQuestion({ proposal: { step, replaces, why }, onDecide }: ProposalQuestionProps) {
  return (
    <>
      <p>
        {why}: <strong>{sayStep(step)}</strong>?
      </p>
      <div className="row">
        <Button onClick={() => onDecide(true)}>
          {replaces === null ? 'Do that' : 'Say it so'}
        </Button>
        <Button onClick={() => onDecide(false)}>
          {replaces === null ? 'Do without it' : 'Leave it as it is'}
        </Button>
      </div>
    </>
  );
}

interface DigitsQuestionProps {
  question: Extract<Question, { kind: 'digits' }>;
  onChoose: (kind: 'number' | 'text') => void;
}

/** Whether digits are amounts, which are added up, or names, which are not. */
function DigitsQuestion({ question: { column, examples }, onChoose }: DigitsQuestionProps) {
  return (
    <>
      <p>
        The digits of <strong>“{column}”</strong> ({examples.join(', ')}) are all as long, and each
        stands once. Are they amounts, or names as of orders?
      </p>
      <div className="row">
        <Button onClick={() => onChoose('number')}>Amounts</Button>
        <Button onClick={() => onChoose('text')}>Names</Button>
      </div>
    </>
  );
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
