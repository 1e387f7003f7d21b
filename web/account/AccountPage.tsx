import './account.css';
import { api, sayProblem } from '../api';
import { Controls } from '../controls';
import { TopBar } from '../people';
import { NamePart } from './NamePart';
import { PasswordPart } from './PasswordPart';
import { SessionsPart } from './SessionsPart';

/** One's own account: what others call one, what opens it, and where it is open. */
export function AccountPage() {
  const { data: account, error } = api.useAccountQuery(undefined, {
    refetchOnMountOrArgChange: true,
  });
  return (
    <Controls>
      <TopBar trail={[{ label: 'Account' }]} />
      <main className="page slim">
        <div className="page-head">
          <div>
            <h1>Account</h1>
            {account && <p className="quiet">{account.person.email}</p>}
          </div>
        </div>
        {error && (
          <p className="problem" role="alert">
            {sayProblem(error)}
          </p>
        )}
        {account && (
          <div className="account">
            <div className="account-keys">
              <NamePart person={account.person} />
              <PasswordPart email={account.person.email} />
            </div>
            <SessionsPart sessions={account.sessions} />
          </div>
        )}
      </main>
    </Controls>
  );
}
