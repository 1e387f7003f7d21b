import type { Reading } from '../../core/reading';
import { Act, Disclosure, toast } from '../hands';

/** Where things stand in words, and the whole chart in words to be copied. */
export function InWords({ reading }: { reading: Reading }) {
  const copy = () =>
    navigator.clipboard.writeText(reading.summary).then(
      () => toast('The chart in words is copied.'),
      () => toast('This browser does not let pages copy. Select the words instead.'),
    );
  return (
    <>
      <p className="quiet">{reading.standing}</p>
      {[...reading.outlook, ...reading.remarks, ...reading.unmet].map((sentence) => (
        <p key={sentence} className="quiet small">
          {sentence}
        </p>
      ))}
      <Disclosure title="The chart in words">
        <p>{reading.summary}</p>
        <Act onClick={() => void copy()}>Copy the words</Act>
      </Disclosure>
    </>
  );
}
