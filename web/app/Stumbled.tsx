import { isRouteErrorResponse, Link, useRouteError } from 'react-router';
import { Empty, Wordmark } from '../look';

/** What stands where a page should: a wrong address, or an error of the interface's own. */
export function Stumbled() {
  const error = useRouteError();
  const wrongAddress = !error || (isRouteErrorResponse(error) && error.status === 404);
  return (
    <>
      <header className="top-bar">
        <Wordmark />
      </header>
      <main className="page slim">
        <Empty title={wrongAddress ? 'There is nothing at this address' : 'This page met an error'}>
          <p>
            {wrongAddress
              ? 'It may have been removed, or the address is not whole.'
              : 'What was saved is safe. Load the page again; if the error stays, tell whoever runs Stand Mark.'}
          </p>
          <Link to="/" className="button primary">
            To the dashboards
          </Link>
        </Empty>
      </main>
    </>
  );
}
