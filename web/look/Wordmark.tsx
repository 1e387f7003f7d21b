import { Link } from 'react-router';

/** The mark that surveyors level against, and the name. */
export function Wordmark() {
  return (
    <Link to="/" className="wordmark" aria-label="Stand Mark, all dashboards">
      <img src="/mark.svg" alt="" width={26} height={20} />
      <span>Stand Mark</span>
    </Link>
  );
}
