import './account.css';
import { api, sayProblem } from '../api';
import { Controls } from '../controls';
import { TopBar } from '../people';
import { AddressPart } from './AddressPart';
import { InvitePart } from './InvitePart';
import { LeavingPart } from './LeavingPart';
import { NamePart } from './NamePart';
import { PasswordPart } from './PasswordPart';
import { SecondFactorPart } from './SecondFactorPart';
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
              <AddressPart email={account.person.email} mail={account.mail} />
            </div>
            <div className="account-keys">
              <SecondFactorPart secondFactor={account.secondFactor} />
              <SessionsPart sessions={account.sessions} />
              {account.mayInvite && <InvitePart />}
              <LeavingPart account={account} />
            </div>
          </div>
        )}
      </main>
    </Controls>
  );
}
