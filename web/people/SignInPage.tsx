import './people.css';
import { type FormEvent, useState } from 'react';
import { useDispatch } from 'react-redux';
import { ValidationError } from 'yup';
import { type Session, signInBody, signUpBody } from '../../contract';
import { api, problemOf, sayProblem } from '../api';
import { Button, Wordmark } from '../look';
import { Levelled } from './Levelled';

/** Nothing tells a stranger whether an address has an account. */
const notOpened = {
  detail:
    'No account could be entered by this address and password. If you have one already, sign in with its own password.',
};

/** Signing in, making an account, and one click into the demo. */
export function SignInPage({ demo }: { demo: boolean }) {
  const [making, setMaking] = useState(false);
  const [values, setValues] = useState({ email: '', name: '', password: '' });
  const [problem, setProblem] = useState('');
  const [signIn, signingIn] = api.useSignInMutation();
  const [signUp, signingUp] = api.useSignUpMutation();
  const [enterDemo] = api.useSignInAsDemoMutation();
  const dispatch = useDispatch();

  const enter = async (asking: Promise<Session>) => {
    setProblem('');
    try {
      await asking;
      dispatch(api.util.resetApiState());
    } catch (error) {
      setProblem(sayProblem(error));
    }
  };
  const make = async (account: typeof values) => {
    await signUp(account).unwrap();
    return signIn(account)
      .unwrap()
      .catch((error: unknown) => {
        throw problemOf(error)?.status === 401 ? { data: notOpened } : error;
      });
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    try {
      if (making) void enter(make(signUpBody.validateSync(values)));
      else void enter(signIn(signInBody.validateSync(values)).unwrap());
    } catch (error) {
      setProblem(error instanceof ValidationError ? error.message : String(error));
    }
  };
  const field = (name: keyof typeof values, type: string, complete: string) => ({
    value: values[name],
    type,
    autoComplete: complete,
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
      setValues({ ...values, [name]: event.target.value }),
  });

  return (
    <main className="sign-in">
      <section className="sign-in-side">
        <Wordmark />
        <div>
          <h1>Where do we stand against the mark?</h1>
          <p>
            Line charts that hold actuals against targets and budgets, and say in words what they
            found.
          </p>
        </div>
        <Levelled />
      </section>
      <section className="sign-in-form sheet">
        <form onSubmit={submit} className="fields" noValidate>
          <h2>{making ? 'Make an account' : 'Sign in'}</h2>
          {making && (
            <label className="field">
              <span>Your name</span>
              <input className="input" {...field('name', 'text', 'name')} />
            </label>
          )}
          <label className="field">
            <span>E-mail</span>
            <input className="input" {...field('email', 'email', 'username')} />
          </label>
          <label className="field">
            <span>Password</span>
            <input
              className="input"
              {...field('password', 'password', making ? 'new-password' : 'current-password')}
            />
          </label>
          {problem && (
            <p className="problem" role="alert">
              {problem}
            </p>
          )}
          <Button primary type="submit" busy={signingIn.isLoading || signingUp.isLoading}>
            {making ? 'Make the account' : 'Sign in'}
          </Button>
          <button type="button" className="act" onClick={() => setMaking(!making)}>
            {making ? 'I have an account: sign in' : 'No account yet? Make one'}
          </button>
        </form>
        {demo && (
          <div className="sign-in-demo">
            <h3>Look around first, at the made-up Pellow Isles Ferries</h3>
            <div className="row">
              <Button onClick={() => void enter(enterDemo('author').unwrap())}>
                Enter as Maren, author
              </Button>
              <Button onClick={() => void enter(enterDemo('reader').unwrap())}>
                Enter as Ivo, reader
              </Button>
            </div>
          </div>
        )}
      </section>
    </main>
  );
}
