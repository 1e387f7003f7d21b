import { Input } from 'antd';

/** For whatever remembers passwords: whose this one is. */
export const WhoseKey = ({ email }: { email: string }) => (
  <Input type="email" autoComplete="username" value={email} readOnly style={{ display: 'none' }} />
);
