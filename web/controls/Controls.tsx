import './controls.css';
import 'dayjs/locale/en-gb';
import { ConfigProvider } from 'antd';
import words from 'antd/es/locale/en_GB';
import type { ReactNode } from 'react';
import { theme } from './theme';

/** Dresses the control library's controls within it in our look; weeks begin on Mondays. */
export function Controls({ children }: { children: ReactNode }) {
  // A wave where one has pressed is not our look, and takes time from what was pressed for.
  return (
    <ConfigProvider theme={theme} locale={words} wave={{ disabled: true }}>
      {children}
    </ConfigProvider>
  );
}
