import {
  type PreparationContext,
  prepareRows,
  sayStep,
  type Sheet,
  type Step,
} from '../../core/preparation';
import { cellText } from '../../core/table';
import { DataTable } from '../controls';

interface BeforeAfterProps {
  steps: readonly Step[];
  context: PreparationContext;
  /** the sentence that is pointed at */
  step: Step;
}

/** The first rows before and after one sentence of the preparation. */
export function BeforeAfter({ steps, context, step }: BeforeAfterProps) {
  const place = steps.indexOf(step);
  const raw: Sheet = {
    columns: (context.firstRows[0] ?? []).map((_, at) => String(at + 1)),
    rows: context.firstRows,
  };
  const before = place === 0 ? raw : prepareRows(steps.slice(0, place), context, context.firstRows);
  const after = prepareRows(steps.slice(0, place + 1), context, context.firstRows);
  return (
    <div className="before-after">
      <p className="quiet">
        Sentence {place + 1}: {sayStep(step)}.
      </p>
      <SheetTable label={`Rows before sentence ${place + 1}`} sheet={before} other={after} />
      <SheetTable label={`Rows after sentence ${place + 1}`} sheet={after} other={before} />
    </div>
  );
}

/** Columns that the other side does not have are marked. */
function SheetTable({ label, sheet, other }: { label: string; sheet: Sheet; other: Sheet }) {
  return (
    <section>
      <h3>{label}</h3>
      <DataTable<Sheet['rows'][number]>
        label={label}
        height={236}
        rows={sheet.rows.slice(0, 12)}
        columns={sheet.columns.map((name, place) => ({
          key: String(place),
          title: <span className={other.columns.includes(name) ? '' : 'changed-head'}>{name}</span>,
          cell: (cells) => cellText(cells[place] ?? ''),
        }))}
      />
    </section>
  );
}
