import { useDispatch } from 'react-redux';
import type { Account } from '../../contract';
import { api, sayProblem } from '../api';
import { Act, Button } from '../controls';
import { forgetStills } from '../still';

type Session = Account['sessions'][number];

const written = (moment: string) =>
  new Date(moment).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** Where one is signed in: each place can be signed out of from here, and all of them. */
export function SessionsPart({ sessions }: { sessions: Session[] }) {
  const [end, ending] = api.useEndSessionMutation();
  const [endAll, endingAll] = api.useEndAllSessionsMutation();
  const dispatch = useDispatch();
  const leave = async () => {
    await endAll().unwrap();
    await forgetStills();
    dispatch(api.util.resetApiState());
  };
  const problem = ending.error ?? endingAll.error;
  return (
    <section className="sheet account-part">
      <h2>Where you are signed in</h2>
      <p className="quiet">
        If you do not know one of these places, sign out there and change the password.
      </p>
      {problem && (
        <p className="problem" role="alert">
          {sayProblem(problem)}
        </p>
      )}
      <Button
        className="account-everywhere"
        busy={endingAll.isLoading}
        onClick={() => void leave().catch(() => undefined)}
      >
        Sign out everywhere
      </Button>
      <ul className="plain-list account-sessions">
        {sessions.map((session) => (
          <li key={session.id}>
            <div className="grow">
              <strong>{session.browser}</strong>
              <p className="quiet small">
                since {written(session.since)}, last used {written(session.lastUsed)}
              </p>
            </div>
            {session.current ? (
              <span className="quiet">here</span>
            ) : (
              <Act
                aria-label={`Sign out of ${session.browser}, since ${written(session.since)}`}
                onClick={() => void end(session.id)}
              >
                Sign out there
              </Act>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
