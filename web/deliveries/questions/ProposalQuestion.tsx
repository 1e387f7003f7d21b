import { sayStep } from '../../../core/preparation';
import { Button } from '../../controls';
import type { Asked } from './asked';

/** A sentence that these rows may need: with it or without it, nothing else comes in meanwhile. */
export function ProposalQuestion({ question, onProposal }: Asked<'proposal'>) {
  const { step, replaces, why } = question.proposal;
  return (
    <>
      <p>
        {why}: <strong>{sayStep(step)}</strong>?
      </p>
      <div className="row">
        <Button onClick={() => onProposal(true)}>
          {replaces === null ? 'Do that' : 'Say it so'}
        </Button>
        <Button onClick={() => onProposal(false)}>
          {replaces === null ? 'Do without it' : 'Leave it as it is'}
        </Button>
      </div>
    </>
  );
}
