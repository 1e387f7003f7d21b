import { ConfigProvider } from 'antd';
import type { ReactNode } from 'react';
import { theme } from './theme';

/** Dresses the control library's controls within it in our look. */
export function Controls({ children }: { children: ReactNode }) {
  return <ConfigProvider theme={theme}>{children}</ConfigProvider>;
}
