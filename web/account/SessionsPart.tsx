import { useState } from 'react';
import { useDispatch } from 'react-redux';
import type { Account } from '../../contract';
import { api, sayProblem } from '../api';
import { Act, Button } from '../controls';
import { forgetStills } from '../still';
import { AccountPart } from './AccountPart';

type Session = Account['sessions'][number];

/** Places that are shown at first. */
const mostShown = 5;

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
  const [all, setAll] = useState(false);
  const problem = ending.error ?? endingAll.error;
  return (
    <AccountPart title="Where you are signed in">
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
        {(all ? sessions : sessions.slice(0, mostShown)).map((session) => (
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
      {sessions.length > mostShown && !all && (
        <Act onClick={() => setAll(true)}>All {sessions.length} places</Act>
      )}
    </AccountPart>
  );
}
