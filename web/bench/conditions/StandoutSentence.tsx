import type { StandoutDefinition } from '../../../core/chart';
import { standoutLine } from '../../../core/text';
import { SaidPhrases } from '../../sentences';
import { Remove, usePart } from '../usePart';

/** A standout as a sentence: which points, of what, and what is written beside them. */
export function StandoutSentence({
  standout,
  name,
}: {
  standout: StandoutDefinition;
  /** what it is called in the list */
  name: string;
}) {
  const { set, remove } = usePart('standouts', standout.id);
  return (
    <>
      <p className="row-sentence">
        <SaidPhrases said={standoutLine} definition={standout} name={name} onChange={set} />
      </p>
      <Remove name={name} onRemove={remove} />
    </>
  );
}
