import './audit.css';
import { useSearchParams } from 'react-router';
import { api, sayProblem } from '../api';
import { Act, Controls } from '../controls';
import { TopBar } from '../people';
import { AuditQuestionForm } from './AuditQuestionForm';
import { AuditTable } from './AuditTable';

/** What was done by whom: found by person, thing and time; the question stands in the address. */
export function AuditPage() {
  const [question, setQuestion] = useSearchParams();
  const asked = Object.fromEntries(question);
  const { data, error, isFetching } = api.useAuditQuery(asked, { refetchOnMountOrArgChange: true });
  /** Asks for something else besides, from the latest on. */
  const ask = (more: Record<string, string | null>) => {
    const { before: _, ...rest } = asked;
    const whole = Object.entries({ ...rest, ...more });
    setQuestion(
      Object.fromEntries(whole.flatMap(([name, value]) => (value ? [[name, value]] : []))),
    );
  };
  return (
    <Controls>
      <TopBar trail={[{ label: 'What was done' }]} />
      <main className="page">
        <div className="page-head">
          <div>
            <h1>What was done</h1>
            <p className="quiet">
              Signing in, keys, sharing, what was removed, brought back and taken out, the latest
              first. Days are those of UTC.
            </p>
          </div>
        </div>
        <AuditQuestionForm asked={asked} onAsk={ask} />
        {error && (
          <p className="problem" role="alert">
            {sayProblem(error)}
          </p>
        )}
        {data && (
          <div className="sheet audit-list" aria-busy={isFetching}>
            {data.entries.length === 0 ? (
              <p className="quiet audit-none">Nothing of the kind was done.</p>
            ) : (
              <AuditTable entries={data.entries} onAsk={ask} />
            )}
          </div>
        )}
        {data && (
          <div className="row audit-on">
            {asked.before && <Act onClick={() => ask({})}>The latest</Act>}
            {data.next && <Act onClick={() => ask({ before: String(data.next) })}>Earlier</Act>}
          </div>
        )}
      </main>
    </Controls>
  );
}
