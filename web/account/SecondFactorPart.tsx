import { useState } from 'react';
import type { Account, RecoveryCodes } from '../../contract';
import { api } from '../api';
import { Act } from '../controls';
import { toast } from '../hands';
import { CodeField, CurrentPasswordField, KeyForm } from '../people';
import { CodesToKeep } from './CodesToKeep';
import { SetFactorUp } from './SetFactorUp';
import { AccountPart } from './AccountPart';

/** What is asked for beside the password, and what there is for whoever has lost it. */
export function SecondFactorPart({ secondFactor }: Pick<Account, 'secondFactor'>) {
  const { on, demanded, recoveryCodes } = secondFactor;
  const [codes, setCodes] = useState<RecoveryCodes['codes'] | null>(null);
  return (
    <AccountPart title="Second factor">
      {demanded && !on && (
        <p className="problem">It is asked of everybody here: set yours up, then go on.</p>
      )}
      <p className="quiet">
        {on
          ? `A code is asked for beside your password. You have ${sayLeft(recoveryCodes)} left.`
          : 'A program on your phone shows a code that is asked for beside your password: whoever only knows the password does not get in.'}
      </p>
      {codes && <CodesToKeep codes={codes} onKept={() => setCodes(null)} />}
      {!codes && (on ? <WhatStands onCodes={setCodes} /> : <SetFactorUp onCodes={setCodes} />)}
    </AccountPart>
  );
}

const sayLeft = (count: number) => (count === 1 ? 'one recovery code' : `${count} recovery codes`);

interface Written {
  current: string;
  code: string;
}

const things = {
  codes: { open: 'New recovery codes …', label: 'Give me new codes' },
  removal: { open: 'Take it away …', label: 'Take it away' },
};

function WhatStands({ onCodes }: { onCodes: (codes: string[]) => void }) {
  const [thing, setThing] = useState<keyof typeof things | null>(null);
  const [renew, renewing] = api.useRenewRecoveryCodesMutation();
  const [remove, removing] = api.useRemoveSecondFactorMutation();
  const act = {
    codes: async (written: Written) => onCodes((await renew(written).unwrap()).codes),
    removal: async (written: Written) => {
      await remove(written).unwrap();
      toast('Your second factor is taken away.');
    },
  };
  if (!thing)
    return (
      <div className="row account-acts">
        <Act onClick={() => setThing('codes')}>{things.codes.open}</Act>
        <Act onClick={() => setThing('removal')}>{things.removal.open}</Act>
      </div>
    );
  return (
    <>
      <KeyForm<Written>
        key={thing}
        label={things[thing].label}
        sending={thing === 'codes' ? renewing : removing}
        onSend={act[thing]}
      >
        <CurrentPasswordField label="Your password" />
        <CodeField label="The code that is shown now, or a recovery code" />
      </KeyForm>
      <Act onClick={() => setThing(null)}>Leave it as it is</Act>
    </>
  );
}
