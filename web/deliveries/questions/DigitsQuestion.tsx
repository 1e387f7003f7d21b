import { Button } from '../../controls';
import type { Asked } from './asked';

/** Whether digits are amounts, which are added up, or names, which are not. */
export function DigitsQuestion({ question: { column, examples }, onColumn }: Asked<'digits'>) {
  return (
    <>
      <p>
        The digits of <strong>“{column}”</strong> ({examples.join(', ')}) are all as long, and each
        stands once. Are they amounts, or names as of orders?
      </p>
      <div className="row">
        <Button onClick={() => onColumn({ kind: 'number' })}>Amounts</Button>
        <Button onClick={() => onColumn({ kind: 'text' })}>Names</Button>
      </div>
    </>
  );
}
