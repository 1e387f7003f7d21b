import { useState } from 'react';
import type { FileForm, Understanding } from '../../contract';
import {
  countRows,
  decideProposal,
  type PreparationContext,
  type Proposal,
  type Step,
} from '../../core/preparation';
import type { ColumnUnderstanding } from '../../core/table';
import { BeforeAfter } from './BeforeAfter';
import { DoubtfulCells } from './DoubtfulCells';
import { HowRead } from './HowRead';
import { Preparation } from './Preparation';
import { Questions } from './Questions';
import { TablePreview } from './TablePreview';
import { Act } from '../controls';

interface UnderstoodProps {
  understanding: Understanding;
  /** what a person has decided so far; all else was recognised */
  given: FileForm;
  /** what the file and its part are called */
  title: string;
  onDecide: (given: FileForm) => void;
}

/** How a file was understood: how it is read, what is done to it, the table it becomes. */
export function Understood({ understanding, given, title, onDecide }: UnderstoodProps) {
  const [pointed, setPointed] = useState<string | null>(null);
  const { decimalMark, zone, missing, firstRows, remarks, misfits, offers } = understanding;
  const steps = given.steps ?? understanding.steps;
  const writing = { decimalMark, zone, missing };
  const context: PreparationContext = { writing, firstRows, title };
  const step = steps.find(({ id }) => id === pointed);
  const decideColumn = (column: ColumnUnderstanding) =>
    onDecide({
      ...given,
      columns: [...(given.columns ?? []).filter(({ name }) => name !== column.name), column],
    });
  // What these rows seem to need has been seen: the next file is held against it.
  const decideSteps = (changed: Step[], more: readonly string[] = []) =>
    onDecide({ ...given, steps: changed, seen: [...understanding.seen, ...more] });
  const decide = (proposal: Proposal, taken: boolean) =>
    decideSteps(decideProposal(steps, proposal, taken), [proposal.key]);
  const choosePart = (part: string) => {
    const { file } = understanding;
    if (file.kind === 'spreadsheet') onDecide({ ...given, file: { ...file, sheet: part } });
    if (file.kind === 'json') onDecide({ ...given, file: { ...file, path: part } });
  };
  return (
    <div className="understood">
      <div className="understood-side">
        <section className="sheet how-read" aria-label="How the file is read">
          <HowRead
            understanding={understanding}
            // Other cells make other columns, which are recognised anew.
            onReread={(change) =>
              onDecide({ zone: given.zone, file: understanding.file, ...change })
            }
            onChange={(change) => onDecide({ ...given, ...change })}
          />
        </section>
        <Preparation
          {...{ steps, offers, misfits, remarks, context, pointed }}
          onPoint={setPointed}
          onChange={(changed) => decideSteps(changed)}
        />
      </div>
      <div className="understood-main">
        <Questions
          understanding={understanding}
          onColumn={decideColumn}
          onPart={choosePart}
          onProposal={decide}
        />
        {understanding.ofRows !== null && (
          <p className="remark">
            The file is large: its first {countRows(understanding.rows)} have been looked at, of
            about {Number(understanding.ofRows.toPrecision(2)).toLocaleString('en-GB')}. What is
            shown here holds for these; when it is brought in all are read, and cells that do not
            fit are listed with the source.
          </p>
        )}
        <DrawnOver understanding={understanding} onColumn={decideColumn} />
        <section className="sheet">
          {step ? (
            <BeforeAfter steps={steps} context={context} step={step} />
          ) : (
            <TablePreview understanding={understanding} onColumn={decideColumn} />
          )}
        </section>
        <DoubtfulCells doubtful={understanding.doubtful} total={understanding.doubtfulTotal}>
          They do not fit their column. Correct how the column is read, mend the file, or bring it
          in: these cells then count as missing.
        </DoubtfulCells>
      </div>
    </div>
  );
}

/** A table without dates can be brought in; it says what it can be drawn over, or for what it serves. */
function DrawnOver({
  understanding: { columns, lost, notices },
  onColumn,
}: {
  understanding: Understanding;
  onColumn: (column: ColumnUnderstanding) => void;
}) {
  const dated = columns.some(({ kind }) => kind === 'date');
  return (
    <>
      {notices.map(({ sentence, otherwise }) => (
        <p key={sentence} className="remark">
          {sentence}{' '}
          {otherwise && <Act onClick={() => onColumn(otherwise.column)}>{otherwise.label}</Act>}
        </p>
      ))}
      {!dated && (
        <p className="remark">
          No column is read as dates: charts of this table stand over its words or its figures, and
          other tables can look something up in it. If a column holds dates, say so in its head;
          months without a year are dates once “Put a date together” is added, with the year typed.
        </p>
      )}
      {lost.length > 0 && (
        <p className="remark">
          This file lacks {lost.map((name) => `“${name}”`).join(', ')}, which the source has now.
          Charts that draw from {lost.length === 1 ? 'it' : 'them'} will say so.
        </p>
      )}
    </>
  );
}
