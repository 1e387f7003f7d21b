import { mixed, object, string } from 'yup';
import type { OriginKind } from '../../../core/origins/origin';
import { Sentence, text } from '../../../core/sentences';

/** Another series of the chart, doubled. */
interface TwiceFigures {
  kind: 'twice';
  of: string;
}

export const twice: OriginKind<TwiceFigures> = {
  kind: 'twice',
  name: 'twice another series',
  sentence: Sentence.of<TwiceFigures>({ kind: 'twice' }).words('twice ').slot('of', text),
  schema: () =>
    object({
      kind: mixed<'twice'>().oneOf(['twice']).required(),
      of: string().required('Say which series is doubled.'),
    }),
  draft: () => ({ kind: 'twice', of: '' }),
  say: ({ of }) => `twice ${of}`,
  lines: 'in one line',
  find: ({ of }, { worked }) => worked(`"${of}" * 2`),
};
