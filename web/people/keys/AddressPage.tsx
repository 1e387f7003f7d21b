import { api } from '../../api';
import { Doorway } from '../Doorway';
import { KeyForm } from '../KeyForm';
import { Done } from './Done';
import { useToken } from './useToken';

const said = {
  old: { asked: 'Your account is to go by another address.', other: 'new' },
  new: { asked: 'An account is to go by this address.', other: 'previous' },
};

/** Agreeing to another address, by the link of a mail to one of the two. */
export function AddressPage({ side }: { side: keyof typeof said }) {
  const token = useToken();
  const [agree, agreeing] = api.useAgreeToAddressMutation();
  const { data } = agreeing;
  const { asked, other } = said[side];
  return (
    <Doorway>
      <h2 className="sign-in-head">Another address</h2>
      {data ? (
        <Done>
          {data.changed
            ? 'Both addresses have agreed: sign in by the new one from now on.'
            : `You have agreed. The mail to the ${other} address is still to be opened.`}
        </Done>
      ) : (
        <KeyForm
          label="I agree"
          primary
          sending={agreeing}
          onSend={() => agree({ side, token }).unwrap()}
        >
          <p className="quiet sign-in-lead">{asked} It does once both have agreed.</p>
        </KeyForm>
      )}
    </Doorway>
  );
}
