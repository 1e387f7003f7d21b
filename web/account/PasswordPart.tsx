import { Form, Input } from 'antd';
import { passwordBody } from '../../contract';
import { api } from '../api';
import { yupRule } from '../controls';
import { toast } from '../hands';
import { SendPart } from './SendPart';

interface Chosen {
  current: string;
  password: string;
}

/** Changing what one signs in with. */
export function PasswordPart({ email }: { email: string }) {
  const [form] = Form.useForm<Chosen>();
  const [change, changing] = api.useChangePasswordMutation();
  const submit = async (values: Chosen) => {
    await change(values).unwrap();
    form.resetFields();
    toast('Your password is changed. Wherever else you were signed in, you are no more.');
  };
  return (
    <section className="sheet account-part">
      <h2>Password</h2>
      <p className="quiet">At least 10 characters. Changing it signs you out everywhere else.</p>
      <Form<Chosen>
        form={form}
        layout="vertical"
        requiredMark={false}
        validateTrigger="onSubmit"
        scrollToFirstError={{ focus: true }}
        onFinish={(values) => void submit(values).catch(() => undefined)}
      >
        {/* For whatever remembers passwords: whose this one is. */}
        <Input
          type="email"
          autoComplete="username"
          value={email}
          readOnly
          style={{ display: 'none' }}
        />
        <Form.Item
          name="current"
          label="The password that you have now"
          rules={[yupRule(passwordBody, 'current')]}
        >
          <Input.Password visibilityToggle={false} autoComplete="current-password" />
        </Form.Item>
        <Form.Item name="password" label="A new one" rules={[yupRule(passwordBody, 'password')]}>
          <Input.Password visibilityToggle={false} autoComplete="new-password" />
        </Form.Item>
        <SendPart label="Change the password" sending={changing} />
      </Form>
    </section>
  );
}
