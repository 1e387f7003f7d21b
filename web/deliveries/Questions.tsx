import type { ComponentType } from 'react';
import type { Question, Understanding } from '../../contract';
import type { Proposal } from '../../core/preparation';
import type { ColumnUnderstanding } from '../../core/table';
import { type Asked, askedAs } from './questions';

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
    const Ask = askedAs[question.kind] as ComponentType<Asked<Question['kind']>>;
    const about = aboutWhat(question);
    const column = columns.find(({ name }) => name === about);
    return (
      <section
        key={'proposal' in question ? question.proposal.key : about}
        className="sheet delivery-question"
        aria-label={`Question about ${about}`}
      >
        <Ask
          question={question}
          onColumn={(change) => column && onColumn({ ...column, ...change })}
          onPart={(part) => onPart?.(part)}
          onProposal={(taken) => 'proposal' in question && onProposal?.(question.proposal, taken)}
        />
      </section>
    );
  });
}

function aboutWhat(question: Question): string {
  if ('column' in question) return question.column;
  return 'proposal' in question ? 'the preparation' : 'the part of the file';
}
