import { api } from '../../api';
import { Doorway } from '../Doorway';
import { KeyForm } from '../KeyForm';
import { Done } from './Done';
import { useToken } from './useToken';

/** Completing an account, by the link of a mail: pressed, so that what only looks at links makes none. */
export function CompletePage() {
  const token = useToken();
  const [complete, completing] = api.useCompleteSignUpMutation();
  const { data } = completing;
  return (
    <Doorway>
      <h2 className="sign-in-head">Complete your account</h2>
      {data ? (
        <Done>Your account is made. Sign in by {data.email}.</Done>
      ) : (
        <KeyForm
          label="Make the account"
          primary
          sending={completing}
          onSend={() => complete(token).unwrap()}
        >
          <p className="quiet sign-in-lead">You have chosen its password already.</p>
        </KeyForm>
      )}
    </Doorway>
  );
}
