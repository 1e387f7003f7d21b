import { Sentence } from '../../sentences';
import { mixed, object } from 'yup';
import type { PickKind } from '../pick';

/** The largest change on the period before, either way. */
export interface ChangePick {
  kind: 'change';
}

export const change: PickKind<ChangePick> = {
  kind: 'change',
  sentence: Sentence.of<ChangePick>({ kind: 'change' }).words('the largest change'),
  schema: () => object({ kind: mixed<'change'>().oneOf(['change']).required() }),
  say: () => 'largest change',
  pick: (candidates, _, { change: changeOf }) => {
    const sizes = candidates.map((each) => Math.abs(changeOf(each) ?? 0));
    const most = sizes.reduce((found, size) => Math.max(found, size), 0);
    return most === 0 ? [] : candidates.filter((_each, at) => sizes[at] === most);
  },
};
