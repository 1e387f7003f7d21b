import { EdgePhrase } from './EdgePhrase';
import type { YardstickSentenceProps } from './yardstickSentence';

/** A band between two values. */
export function BandSentence({ chart, yardstick, onChange }: YardstickSentenceProps<'band'>) {
  return (
    <>
      A band from{' '}
      <EdgePhrase
        chart={chart}
        label="Begins at"
        edge={yardstick.from}
        onChange={(from) => onChange({ ...yardstick, from })}
      />{' '}
      to{' '}
      <EdgePhrase
        chart={chart}
        label="Ends at"
        edge={yardstick.to}
        onChange={(to) => onChange({ ...yardstick, to })}
      />
      ; its edges belong to it.
    </>
  );
}
