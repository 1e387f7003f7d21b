import { Button } from '../../controls';
import type { Asked } from './asked';

/** Which sheet or list is meant, where the one that was wanted is not there. */
export function PartQuestion({ question: { wanted, parts }, onPart }: Asked<'part'>) {
  return (
    <>
      <p>
        There is no <strong>“{wanted}”</strong> in this file. Which of its parts is meant?
      </p>
      <div className="row">
        {parts.slice(0, 12).map((part) => (
          <Button key={part} onClick={() => onPart(part)}>
            {part || 'the whole document'}
          </Button>
        ))}
      </div>
    </>
  );
}
