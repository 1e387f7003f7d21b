import { useState } from 'react';
import { emailBody } from '../../contract';
import { api } from '../api';
import { CurrentPasswordField, EmailField, KeyForm } from '../people';
import { AccountPart } from './AccountPart';

interface Chosen {
  current: string;
  email: string;
}

/** Changing the address that one signs in by. */
export function AddressPart({ email, mail }: { email: string; mail: boolean }) {
  const [change, changing] = api.useChangeEmailMutation();
  const [asked, setAsked] = useState('');
  const send = async (values: Chosen) => {
    const chosen = emailBody.cast(values);
    await change(chosen).unwrap();
    setAsked(chosen.email);
  };
  return (
    <AccountPart title="Address">
      {mail ? (
        <p className="quiet">
          You sign in by {email}. Another takes its place when you have opened the mails to both.
        </p>
      ) : (
        <p className="quiet">
          You sign in by {email}. It cannot be changed here, since this server sends no mail.
        </p>
      )}
      {mail && (
        <KeyForm<Chosen> label="Ask for the other address" sending={changing} onSend={send} clears>
          <EmailField label="The other address" />
          <CurrentPasswordField label="Your password" />
        </KeyForm>
      )}
      {asked && (
        <p role="status">
          Mails to {email} and {asked} are on their way. Open both within an hour; until then all
          stays as it is.
        </p>
      )}
    </AccountPart>
  );
}
