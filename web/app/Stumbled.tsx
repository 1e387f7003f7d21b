import { isRouteErrorResponse, useRouteError } from 'react-router';
import { Button, Empty } from '../hands';
import { Wordmark } from '../look';

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
          <Button to="/" primary>
            To the dashboards
          </Button>
        </Empty>
      </main>
    </>
  );
}
