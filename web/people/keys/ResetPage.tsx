import { api, problemOf } from '../../api';
import { Act } from '../../controls';
import { Doorway } from '../Doorway';
import { NewPasswordField } from '../keyFields';
import { KeyForm } from '../KeyForm';
import { Done } from './Done';
import { useToken } from './useToken';

/** Choosing a new password, by the link of a mail. */
export function ResetPage() {
  const token = useToken();
  const [reset, resetting] = api.useResetPasswordMutation();
  const { data } = resetting;
  return (
    <Doorway>
      <h2 className="sign-in-head">Choose a new password</h2>
      {data ? (
        <Done>
          The password of {data.email} is changed, and wherever it was signed in, it is no more.
        </Done>
      ) : (
        <KeyForm<{ password: string }>
          label="Change the password"
          primary
          sending={resetting}
          onSend={({ password }) => reset({ token, password }).unwrap()}
        >
          <NewPasswordField label="New password, of at least 10 characters" />
        </KeyForm>
      )}
      {problemOf(resetting.error)?.code === 'key-opens-nothing' && (
        <p className="sign-in-other">
          <Act to="/forgotten">Ask for another link</Act>
        </p>
      )}
    </Doorway>
  );
}
