import { createContext, useContext } from 'react';
import type { DateStyle } from '../../core/labels';

/** How the library's calendar writes dates. */
const formats: Readonly<Record<DateStyle, string>> = {
  words: 'D MMM YYYY',
  dayFirst: 'DD.MM.YYYY',
  monthFirst: 'MM/DD/YYYY',
  iso: 'YYYY-MM-DD',
};

/** How the dates of the chart or dashboard that is being set are written. */
export const WrittenDates = createContext<DateStyle>('words');

/**
 * The library's pattern in which a field writes its date.
 * @param style missing: as dates are written around it
 */
export function useDateFormat(style?: DateStyle): string {
  const around = useContext(WrittenDates);
  return formats[style ?? around];
}
