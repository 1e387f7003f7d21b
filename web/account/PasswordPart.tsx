import { api } from '../api';
import { toast } from '../hands';
import { CurrentPasswordField, KeyForm, NewPasswordField } from '../people';
import { WhoseKey } from './WhoseKey';
import { AccountPart } from './AccountPart';

interface Chosen {
  current: string;
  password: string;
}

/** Changing what one signs in with. */
export function PasswordPart({ email }: { email: string }) {
  const [change, changing] = api.useChangePasswordMutation();
  const send = async (values: Chosen) => {
    await change(values).unwrap();
    toast('Your password is changed. Wherever else you were signed in, you are no more.');
  };
  return (
    <AccountPart title="Password">
      <p className="quiet">At least 10 characters. Changing it signs you out everywhere else.</p>
      <KeyForm<Chosen> label="Change the password" sending={changing} onSend={send} clears>
        <WhoseKey email={email} />
        <CurrentPasswordField label="The password that you have now" />
        <NewPasswordField label="A new one" />
      </KeyForm>
    </AccountPart>
  );
}
