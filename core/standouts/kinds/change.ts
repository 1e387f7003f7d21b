import { mixed, object } from 'yup';
import type { PickKind } from '../pick';

/** The largest change on the period before, either way. */
export interface ChangePick {
  kind: 'change';
}

export const change: PickKind<ChangePick> = {
  kind: 'change',
  name: 'the largest change',
  schema: object({ kind: mixed<'change'>().oneOf(['change']).required() }),
  draft: () => ({ kind: 'change' }),
  settings: [],
  looksBack: true,
  say: () => 'largest change',
  pick: (candidates) => {
    const size = ({ change: by }: { change: number | null }) => (by === null ? -1 : Math.abs(by));
    const most = candidates.reduce((found, each) => Math.max(found, size(each)), 0);
    return most === 0 ? [] : candidates.filter((each) => size(each) === most);
  },
};
