import { useState } from 'react';
import { useDispatch } from 'react-redux';
import type { Account, Belongings } from '../../contract';
import { api, sayProblem } from '../api';
import { Act, Button, SelectField } from '../controls';
import { toast } from '../hands';
import { CodeField, CurrentPasswordField, KeyForm } from '../people';
import { forgetStills } from '../still';
import { sayBelongings } from './sayBelongings';
import { AccountPart } from './AccountPart';

/** Deleting one's account: opened first, so that nobody comes by it. */
export function LeavingPart({ account }: { account: Account }) {
  const [opened, setOpened] = useState(false);
  return (
    <AccountPart title="Delete the account">
      <p className="quiet">What you own is handed over or deleted; nothing of it comes back.</p>
      {opened ? (
        <Leaving account={account} onStay={() => setOpened(false)} />
      ) : (
        <Button className="account-open" onClick={() => setOpened(true)}>
          Delete the account …
        </Button>
      )}
    </AccountPart>
  );
}

const nobody = 'nobody';

function Leaving({ account, onStay }: { account: Account; onStay: () => void }) {
  const { data: belongings, error } = api.useBelongingsQuery(undefined, {
    refetchOnMountOrArgChange: true,
  });
  if (error) return <p className="problem">{sayProblem(error)}</p>;
  if (!belongings) return null;
  return <LeavingForm account={account} belongings={belongings} onStay={onStay} />;
}

function LeavingForm({
  account,
  belongings,
  onStay,
}: {
  account: Account;
  belongings: Belongings;
  onStay: () => void;
}) {
  const [leave, leaving] = api.useLeaveMutation();
  const [heir, setHeir] = useState(nobody);
  const dispatch = useDispatch();
  const heirName = belongings.heirs.find(({ id }) => String(id) === heir)?.name ?? null;
  const send = async (written: { current: string; code?: string }) => {
    await leave({ ...written, heirId: heir === nobody ? null : Number(heir) }).unwrap();
    await forgetStills();
    toast('Your account is deleted.');
    dispatch(api.util.resetApiState());
  };
  const heirs = [
    { value: nobody, label: 'nobody: it is deleted' },
    ...belongings.heirs.map(({ id, name, email }) => ({
      value: String(id),
      label: `${name}, ${email}`,
    })),
  ];
  return (
    <div className="account-leaving">
      {belongings.heirs.length > 0 && (
        <SelectField
          label="Who takes over what you own"
          value={heir}
          options={heirs}
          onChange={setHeir}
        />
      )}
      <ul className="account-said">
        {sayBelongings(belongings, heirName).map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
      <KeyForm<{ current: string; code?: string }>
        label={
          heirName ? 'Hand over and delete the account' : 'Delete the account with what it owns'
        }
        sending={leaving}
        onSend={send}
      >
        <CurrentPasswordField label="Your password" />
        {account.secondFactor.on && (
          <CodeField label="The code that is shown now, or a recovery code" />
        )}
      </KeyForm>
      <Act onClick={onStay}>Keep the account</Act>
    </div>
  );
}
