import { Button } from '../controls';

/** Recovery codes, shown this once. */
export function CodesToKeep({ codes, onKept }: { codes: readonly string[]; onKept: () => void }) {
  const file = `data:text/plain;charset=utf-8,${encodeURIComponent(`${codes.join('\n')}\n`)}`;
  return (
    <div className="account-codes" role="group" aria-label="Recovery codes">
      <p>
        <strong>Keep these where your phone is not.</strong> Each gets you in once in place of a
        code. They are not shown again.
      </p>
      <ul className="plain-list">
        {codes.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </ul>
      <div className="row">
        <a href={file} download="recovery-codes.txt">
          Take them as a file
        </a>
        <Button onClick={onKept}>I have kept them</Button>
      </div>
    </div>
  );
}
