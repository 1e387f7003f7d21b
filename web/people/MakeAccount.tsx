import { useState } from 'react';
import { signUpBody } from '../../contract';
import { api, problemOf } from '../api';
import { Act } from '../controls';
import { EmailField, NameField, NewPasswordField } from './keyFields';
import { KeyForm } from './KeyForm';

interface NewAccount {
  email: string;
  name: string;
  password: string;
}

/** Nothing tells a stranger whether an address has an account. */
const notOpened = {
  detail:
    'No account could be entered by this address and password. If you have one already, sign in with its own password.',
};

interface MakeAccountProps {
  /** whether it is made when a mailed link is opened, and not before */
  byMail: boolean;
  onEntered: () => void;
  onSignIn: () => void;
}

/** Making an account. */
export function MakeAccount({ byMail, onEntered, onSignIn }: MakeAccountProps) {
  const [signUp, signingUp] = api.useSignUpMutation();
  const [signIn, signingIn] = api.useSignInMutation();
  const [mailedTo, setMailedTo] = useState('');
  const make = async (written: NewAccount) => {
    const account = signUpBody.cast(written);
    await signUp(account).unwrap();
    if (byMail) return setMailedTo(account.email);
    await signIn(account).unwrap();
    onEntered();
  };
  const unopened = problemOf(signingIn.error)?.status === 401;
  const sending = {
    error: signingUp.error ?? (unopened ? { data: notOpened } : signingIn.error),
    isLoading: signingUp.isLoading || signingIn.isLoading,
  };
  if (mailedTo)
    return (
      <div role="status">
        <h2 className="sign-in-head">A mail is on its way</h2>
        <p>
          Open the link in the mail to {mailedTo}, within an hour: it completes your account. If
          none comes, look whether the address is right.
        </p>
        <Act onClick={onSignIn}>Sign in</Act>
      </div>
    );
  return (
    <>
      <h2 className="sign-in-head">Make an account</h2>
      <KeyForm<NewAccount> label="Make the account" primary sending={sending} onSend={make}>
        <NameField label="Your name" />
        <EmailField label="E-mail" />
        <NewPasswordField label="Password" />
      </KeyForm>
      <Act className="sign-in-other" onClick={onSignIn}>
        I have an account: sign in
      </Act>
    </>
  );
}
