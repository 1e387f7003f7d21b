import { useState } from 'react';
import { useDispatch } from 'react-redux';
import type { Session } from '../../contract';
import { api } from '../api';
import { Button } from '../controls';
import { Doorway } from './Doorway';
import { MakeAccount } from './MakeAccount';
import { SignInForm } from './SignInForm';

/** Signing in, making an account where one may, and one click into the demo. */
export function SignInPage({ session }: { session: Session }) {
  const [making, setMaking] = useState(false);
  const dispatch = useDispatch();
  const entered = () => void dispatch(api.util.resetApiState());
  return (
    <Doorway>
      {making ? (
        <MakeAccount
          byMail={session.signUpByMail}
          onEntered={entered}
          onSignIn={() => setMaking(false)}
        />
      ) : (
        <SignInForm session={session} onEntered={entered} onMake={() => setMaking(true)} />
      )}
      {session.demo && <DemoPeople onEntered={entered} />}
    </Doorway>
  );
}

function DemoPeople({ onEntered }: { onEntered: () => void }) {
  const [enterDemo] = api.useSignInAsDemoMutation();
  const enter = (as: 'author' | 'reader') => () =>
    void enterDemo(as)
      .unwrap()
      .then(onEntered, () => undefined);
  return (
    <div className="sign-in-demo">
      <h3>Look around first, at the made-up Pellow Isles Ferries</h3>
      <div className="row">
        <Button onClick={enter('author')}>Enter as Maren, author</Button>
        <Button onClick={enter('reader')}>Enter as Ivo, reader</Button>
      </div>
    </div>
  );
}
