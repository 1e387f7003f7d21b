import { useParams } from 'react-router';
import { api, sayProblem } from '../api';
import { Empty } from '../hands';
import { Wordmark } from '../look';
import { BoardView, EmptyForReaders } from './BoardView';

/** A dashboard as the holder of a link sees it: to read, and nothing else. */
export function SharedPage() {
  const link = useParams().token ?? '';
  const { data: dashboard, error } = api.useDashboardQuery({ link }, { refetchOnFocus: true });
  return (
    <>
      <header className="top-bar">
        <Wordmark />
        <span className="trail">
          {dashboard && !error && (
            <span className="trail-step only-narrow" aria-hidden>
              {dashboard.title}
            </span>
          )}
          <span className="quiet only-wide">shared with you to read</span>
        </span>
      </header>
      <main className="page">
        {error && (
          <div className="sheet">
            <Empty title="This dashboard cannot be opened">
              <p>{sayProblem(error)}</p>
            </Empty>
          </div>
        )}
        {dashboard && !error && (
          <BoardView
            dashboard={dashboard}
            link={link}
            editable={false}
            arranging={false}
            onArrange={() => Promise.resolve()}
            whenEmpty={<EmptyForReaders />}
          />
        )}
      </main>
    </>
  );
}
