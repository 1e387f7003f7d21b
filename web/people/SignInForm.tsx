import { Form, Input } from 'antd';
import { useState } from 'react';
import { type Session, signInBody } from '../../contract';
import { api, problemOf, sayProblem } from '../api';
import { Act, Button, yupRule } from '../controls';
import { CodeField } from './keyFields';

interface Written {
  email: string;
  password: string;
  code?: string;
}

interface SignInFormProps {
  session: Session;
  onEntered: () => void;
  onMake: () => void;
}

/** Signing in: by address and password, and a code where the account asks for one. */
export function SignInForm({ session, onEntered, onMake }: SignInFormProps) {
  const [signIn, { error, isLoading }] = api.useSignInMutation();
  const [codeWanted, setCodeWanted] = useState(false);
  const send = async (written: Written) => {
    try {
      await signIn(signInBody.cast(written)).unwrap();
      onEntered();
    } catch (refused) {
      if (problemOf(refused)?.code === 'code-wanted') setCodeWanted(true);
    }
  };
  const onlyAsked = problemOf(error)?.code === 'code-wanted';
  return (
    <Form<Written>
      layout="vertical"
      requiredMark={false}
      validateTrigger="onSubmit"
      scrollToFirstError={{ focus: true }}
      onFinish={(written) => void send(written)}
    >
      <h2 className="sign-in-head">Sign in</h2>
      <Form.Item name="email" label="E-mail" rules={[yupRule(signInBody, 'email')]}>
        <Input type="email" autoComplete="username" />
      </Form.Item>
      <Form.Item name="password" label="Password" rules={[yupRule(signInBody, 'password')]}>
        <Input.Password visibilityToggle={false} autoComplete="current-password" />
      </Form.Item>
      {codeWanted && <CodeField label="The code that is shown now, or a recovery code" />}
      {error !== undefined && !onlyAsked && (
        <p className="problem" role="alert">
          {sayProblem(error)}
        </p>
      )}
      <div className="sign-in-acts">
        <Button primary submit busy={isLoading}>
          Sign in
        </Button>
        {session.joining === 'open' && <Act onClick={onMake}>No account yet? Make one</Act>}
        {session.mail && <Act to="/forgotten">Forgotten the password?</Act>}
      </div>
      {session.joining !== 'open' && (
        <p className="quiet sign-in-joining">{whoJoins[session.joining]}</p>
      )}
    </Form>
  );
}

const whoJoins = {
  invitation: 'Accounts are made by invitation here: a colleague who has one sends you theirs.',
  closed: 'No accounts are made here. Ask whoever runs this server.',
};
