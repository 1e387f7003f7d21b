import { SelectField } from '../../controls';
import type { Asked } from './asked';

const monthNames = Array.from({ length: 12 }, (_, month) =>
  new Date(Date.UTC(2024, month, 1)).toLocaleString('en-GB', { month: 'long', timeZone: 'UTC' }),
);

/** In which month the fiscal year of its quarters begins. */
export function FiscalStart({ question: { column, examples }, onColumn }: Asked<'fiscalStart'>) {
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
        onChange={(fiscalStart) => onColumn({ fiscalStart })}
      />
    </>
  );
}
