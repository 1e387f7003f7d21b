import { QRCode } from 'antd';
import { useState } from 'react';
import type { Secret } from '../../contract';
import { api } from '../api';
import { Button } from '../controls';
import { CodeField, CurrentPasswordField, KeyForm } from '../people';

/** Setting a second factor up: the password, the secret for the program, a code that it shows. */
export function SetFactorUp({ onCodes }: { onCodes: (codes: string[]) => void }) {
  const [opened, setOpened] = useState(false);
  const [begin, beginning] = api.useBeginSecondFactorMutation();
  const [confirm, confirming] = api.useConfirmSecondFactorMutation();
  const { data: secret } = beginning;
  if (!opened)
    return (
      <Button className="account-open" onClick={() => setOpened(true)}>
        Set it up …
      </Button>
    );
  if (!secret)
    return (
      <KeyForm<{ current: string }>
        label="Go on"
        sending={beginning}
        onSend={(written) => begin(written).unwrap()}
      >
        <CurrentPasswordField label="Your password" />
      </KeyForm>
    );
  return (
    <>
      <SecretToRead secret={secret} />
      <KeyForm<{ code: string }>
        label="Set it up"
        sending={confirming}
        onSend={async (written) => onCodes((await confirm(written).unwrap()).codes)}
      >
        <CodeField label="The six digits that the program shows" />
      </KeyForm>
    </>
  );
}

/** The secret, to be read by a camera, or typed. */
function SecretToRead({ secret: { secret, address } }: { secret: Secret }) {
  const spaced = (secret.match(/.{1,4}/g) ?? []).join(' ');
  return (
    <div className="account-secret">
      <QRCode
        value={address}
        type="svg"
        size={148}
        bordered={false}
        color="#14222b"
        bgColor="#ffffff"
      />
      <div>
        <p>Read this with a program for one-time codes, or type it there:</p>
        <p className="account-typed">{spaced}</p>
      </div>
    </div>
  );
}
