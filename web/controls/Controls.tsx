import { ConfigProvider } from 'antd';
import type { ReactNode } from 'react';
import { theme } from './theme';

/** Dresses the control library's controls within it in our look. */
export function Controls({ children }: { children: ReactNode }) {
  // A wave where one has pressed is not our look, and takes time from what was pressed for.
  return (
    <ConfigProvider theme={theme} wave={{ disabled: true }}>
      {children}
    </ConfigProvider>
  );
}
