import { createContext, type ReactNode, useContext, useMemo } from 'react';
import { skipToken } from '@reduxjs/toolkit/query';
import type { About } from '../../core/sentences';
import { api } from '../api';
import type { AnyControl, ControlName } from './controls/control';

/** What is said: a thing that may name a source and a column of it. */
interface Said {
  sourceId?: number;
  column?: string;
}

/** What has no effect on a thing as it is, and so is not offered, by its path. */
export type Idle = (definition: object, path: string) => boolean;

/** What sentences are about, and the words that they can choose from, where no source tells them. */
export interface Spoken extends About {
  words?: readonly string[];
}

interface Context extends Spoken {
  /** what is said around a setting */
  said: Said;
  idle: Idle;
  /** the control of each entry of the vocabulary: some hold others, so each is looked up when it is drawn */
  controls: Readonly<Partial<Record<ControlName, AnyControl>>>;
}

export const AboutContext = createContext<Context>({
  names: {},
  level: 0,
  today: '2026-01-01',
  said: {},
  idle: () => false,
  controls: {},
});

/** What sentences can name, and what their first drafts are made about. */
export const useAbout = (): Context => useContext(AboutContext);

interface ColumnsOfProps {
  /** what is said, which may name a source or a column */
  of: object;
  children: ReactNode;
}

/** Where a source is named, the columns and measures that can be named beside it are its own. */
export function ColumnsOf({ of, children }: ColumnsOfProps) {
  const about = useAbout();
  const { figures, ...own } = of as Said & { figures?: Said };
  const sourceId = own.sourceId ?? figures?.sourceId ?? about.said.sourceId;
  const column = own.column ?? about.said.column;
  const source = about.names.source?.find(({ id }) => id === sourceId);
  const inner = useMemo<Context>(
    () => ({
      ...about,
      said: { sourceId, column },
      names: source
        ? { ...about.names, column: source.columns, measure: source.measures }
        : about.names,
    }),
    [about, source, sourceId, column],
  );
  return <AboutContext.Provider value={inner}>{children}</AboutContext.Provider>;
}

/**
 * The words of the column that is said around a setting; none while it is not known.
 * @param wanted whether anybody asks for them
 */
export function useWords(wanted: boolean): readonly string[] {
  const { said, names, words } = useAbout();
  const { column } = said;
  const has = names.source?.find(({ columns = [] }) => columns.some(({ id }) => id === column));
  const sourceId = said.sourceId ?? has?.id;
  const isKept = wanted && !words && column && typeof sourceId === 'number';
  const { data = [] } = api.useWordsQuery(isKept ? { sourceId, column } : skipToken);
  return words ?? data;
}
