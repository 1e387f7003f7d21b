import { useState } from 'react';
import { invitationBody } from '../../contract';
import { api } from '../api';
import { EmailField, KeyForm } from '../people';
import { AccountPart } from './AccountPart';

/** Having a colleague join. */
export function InvitePart() {
  const [invite, inviting] = api.useInviteMutation();
  const [invited, setInvited] = useState('');
  const send = async (values: { email: string }) => {
    const { email } = invitationBody.cast(values);
    await invite({ email }).unwrap();
    setInvited(email);
  };
  return (
    <AccountPart title="Invite a colleague">
      <p className="quiet">They get a mail with a link by which they make their account.</p>
      <KeyForm label="Send the invitation" sending={inviting} onSend={send} clears>
        <EmailField label="E-mail of the colleague" />
      </KeyForm>
      {invited && <p role="status">A mail to {invited} is on its way.</p>}
    </AccountPart>
  );
}
