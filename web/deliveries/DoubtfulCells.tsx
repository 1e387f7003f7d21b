import './found.css';

interface DoubtfulCellsProps {
  doubtful: readonly { row: number; column: string; text: string }[];
  total: number;
  /** what becomes of them */
  children: string;
}

/** The cells that did not fit their column, each with its place. */
export function DoubtfulCells({ doubtful, total, children }: DoubtfulCellsProps) {
  if (total === 0) return null;
  return (
    <section className="sheet doubtful">
      <h2>{total === 1 ? '1 doubtful cell' : `${total.toLocaleString('en-GB')} doubtful cells`}</h2>
      <p className="quiet">{children}</p>
      <ul>
        {doubtful.map(({ row, column, text }, place) => (
          <li key={place}>
            Row {row}, {column}: <strong>{text.slice(0, 80)}</strong>
          </li>
        ))}
      </ul>
      {total > doubtful.length && (
        <p className="quiet">and {(total - doubtful.length).toLocaleString('en-GB')} more</p>
      )}
    </section>
  );
}
