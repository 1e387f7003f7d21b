import './people.css';
import { Form, Input } from 'antd';
import { useState } from 'react';
import { useDispatch } from 'react-redux';
import { type Session, signInBody, signUpBody } from '../../contract';
import { api, problemOf, sayProblem } from '../api';
import { Act, Button, Controls, yupRule } from '../controls';
import { Wordmark } from '../look';
import { Levelled } from './Levelled';

interface Account {
  email: string;
  name: string;
  password: string;
}

/** Nothing tells a stranger whether an address has an account. */
const notOpened = {
  detail:
    'No account could be entered by this address and password. If you have one already, sign in with its own password.',
};

/** Signing in, making an account, and one click into the demo. */
export function SignInPage({ demo }: { demo: boolean }) {
  const [making, setMaking] = useState(false);
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
  const make = async (account: Account) => {
    await signUp(account).unwrap();
    return signIn(account)
      .unwrap()
      .catch((error: unknown) => {
        throw problemOf(error)?.status === 401 ? { data: notOpened } : error;
      });
  };
  const schema = making ? signUpBody : signInBody;
  const submit = (values: Account) =>
    void enter(making ? make(values) : signIn(signInBody.cast(values)).unwrap());

  return (
    <Controls>
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
          <Form<Account>
            layout="vertical"
            requiredMark={false}
            validateTrigger="onSubmit"
            scrollToFirstError={{ focus: true }}
            onFinish={submit}
          >
            <h2 className="sign-in-head">{making ? 'Make an account' : 'Sign in'}</h2>
            {making && (
              <Form.Item name="name" label="Your name" rules={[yupRule(signUpBody, 'name')]}>
                <Input autoComplete="name" />
              </Form.Item>
            )}
            <Form.Item name="email" label="E-mail" rules={[yupRule(schema, 'email')]}>
              <Input type="email" autoComplete="username" />
            </Form.Item>
            <Form.Item name="password" label="Password" rules={[yupRule(schema, 'password')]}>
              <Input.Password
                visibilityToggle={false}
                autoComplete={making ? 'new-password' : 'current-password'}
              />
            </Form.Item>
            {problem && (
              <p className="problem" role="alert">
                {problem}
              </p>
            )}
            <Button primary submit busy={signingIn.isLoading || signingUp.isLoading}>
              {making ? 'Make the account' : 'Sign in'}
            </Button>
            <Act className="sign-in-other" onClick={() => setMaking(!making)}>
              {making ? 'I have an account: sign in' : 'No account yet? Make one'}
            </Act>
          </Form>
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
    </Controls>
  );
}
