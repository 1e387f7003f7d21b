import { Form, Input } from 'antd';
import {
  currentAndCodeBody,
  currentBody,
  nameBody,
  passwordBody,
  resetAskedBody,
} from '../../contract';
import { yupRule } from '../controls';

/** The password that somebody chooses. */
export const NewPasswordField = ({ label }: { label: string }) => (
  <Form.Item name="password" label={label} rules={[yupRule(passwordBody, 'password')]}>
    <Input.Password visibilityToggle={false} autoComplete="new-password" />
  </Form.Item>
);

/** The password that somebody has, which an open page is asked for. */
export const CurrentPasswordField = ({ label }: { label: string }) => (
  <Form.Item name="current" label={label} rules={[yupRule(currentBody, 'current')]}>
    <Input.Password visibilityToggle={false} autoComplete="current-password" />
  </Form.Item>
);

/** A code of a second factor, or a recovery code. */
export const CodeField = ({ label }: { label: string }) => (
  <Form.Item name="code" label={label} rules={[yupRule(currentAndCodeBody, 'code')]}>
    <Input autoComplete="one-time-code" spellCheck={false} className="code-field" />
  </Form.Item>
);

export const EmailField = ({ label }: { label: string }) => (
  <Form.Item name="email" label={label} rules={[yupRule(resetAskedBody, 'email')]}>
    <Input type="email" autoComplete="email" />
  </Form.Item>
);

export const NameField = ({ label }: { label: string }) => (
  <Form.Item name="name" label={label} rules={[yupRule(nameBody, 'name')]}>
    <Input autoComplete="name" />
  </Form.Item>
);
