import { api } from '../../api';
import { Doorway } from '../Doorway';
import { NameField, NewPasswordField } from '../keyFields';
import { KeyForm } from '../KeyForm';
import { Done } from './Done';
import { useToken } from './useToken';

/** Making an account, by an invitation that was mailed. */
export function JoinPage() {
  const token = useToken();
  const [join, joining] = api.useJoinMutation();
  const { data } = joining;
  return (
    <Doorway>
      <h2 className="sign-in-head">Make your account</h2>
      {data ? (
        <Done>Your account is made. Sign in by {data.email}.</Done>
      ) : (
        <>
          <p className="quiet sign-in-lead">It goes by the address that you were invited at.</p>
          <KeyForm<{ name: string; password: string }>
            label="Make the account"
            primary
            sending={joining}
            onSend={(chosen) => join({ token, ...chosen }).unwrap()}
          >
            <NameField label="Your name" />
            <NewPasswordField label="Password, of at least 10 characters" />
          </KeyForm>
        </>
      )}
    </Doorway>
  );
}
