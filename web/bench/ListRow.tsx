import { Children, type ReactNode, useState } from 'react';
import { isMore } from '../picture';
import { Act } from '../controls';

interface ListRowProps {
  sample: ReactNode;
  name: string;
  /** what it found, in words */
  found: ReactNode;
  figure?: ReactNode;
  /** a series can be highlighted from its row */
  highlighted?: boolean;
  onHighlight?: (more: boolean) => void;
  /** its settings, opened in place */
  children: ReactNode;
}

/** One thing that stands on the chart: its stroke, its name, what it found, and its settings. */
export function ListRow({
  sample,
  name,
  found,
  figure,
  highlighted,
  onHighlight,
  children,
}: ListRowProps) {
  const [open, setOpen] = useState(false);
  const words = (
    <>
      <span className="list-name">{name}</span>
      <span className="list-found">{found}</span>
    </>
  );
  return (
    <li className={highlighted || open ? 'list-row lit' : 'list-row'}>
      <div className="list-head">
        <span className="list-sample">{sample}</span>
        {onHighlight ? (
          <button
            type="button"
            className="plain list-words"
            aria-pressed={highlighted}
            title="Highlight"
            onClick={(event) => onHighlight(isMore(event))}
          >
            {words}
          </button>
        ) : (
          <div className="list-words">{words}</div>
        )}
        <span className="list-figure">{figure}</span>
        <Act
          className="list-open"
          aria-expanded={open}
          aria-label={`${open ? 'Close' : 'Edit'} ${name}`}
          onClick={() => setOpen(!open)}
        >
          {open ? 'Close' : 'Edit'}
        </Act>
      </div>
      {open && <div className="list-settings fields">{children}</div>}
    </li>
  );
}

interface ListSectionProps {
  title: string;
  add?: ReactNode;
  empty: string;
  children: ReactNode;
}

/** One kind of things that stand on the chart. */
export function ListSection({ title, add, empty, children }: ListSectionProps) {
  return (
    <section className="list-section" aria-label={title}>
      <header>
        <h3>{title}</h3>
        {add}
      </header>
      {Children.count(children) === 0 ? (
        <p className="quiet small list-empty">{empty}</p>
      ) : (
        <ul>{children}</ul>
      )}
    </section>
  );
}
