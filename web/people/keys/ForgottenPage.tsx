import { useState } from 'react';
import { Act } from '../../controls';
import { resetAskedBody } from '../../../contract';
import { api } from '../../api';
import { Doorway } from '../Doorway';
import { EmailField } from '../keyFields';
import { KeyForm } from '../KeyForm';

/** Asking for a new password, by mail. */
export function ForgottenPage() {
  const [ask, asking] = api.useAskForResetMutation();
  const [asked, setAsked] = useState('');
  const send = async (written: { email: string }) => {
    const { email } = resetAskedBody.cast(written);
    await ask(email).unwrap();
    setAsked(email);
  };
  return (
    <Doorway>
      <h2 className="sign-in-head">Choose a new password</h2>
      {asked ? (
        <p role="status">
          If {asked} has an account, a mail to it is on its way. Its link opens once, within an
          hour.
        </p>
      ) : (
        <>
          <p className="quiet sign-in-lead">A link is mailed to you by which you choose it.</p>
          <KeyForm label="Send me the link" primary sending={asking} onSend={send}>
            <EmailField label="E-mail of your account" />
          </KeyForm>
        </>
      )}
      <p className="sign-in-other">
        <Act to="/">Sign in</Act>
      </p>
    </Doorway>
  );
}
