import type { ChartDefinition, StyledYardstick } from '../../../core/chart';
import { hangingOn } from '../../../core/editing';
import { yardstickAlone } from '../../../core/text';
import { PartName } from '../PartName';
import { SaidPhrases } from '../../sentences';
import { Remove, usePart } from '../usePart';

interface YardstickSettingsProps {
  chart: ChartDefinition;
  yardstick: StyledYardstick;
}

/** A yardstick as a sentence, whose phrases are its settings. */
export function YardstickSettings({ chart, yardstick }: YardstickSettingsProps) {
  const { set, remove } = usePart('yardsticks', yardstick.id);
  const part = { of: 'yardsticks', id: yardstick.id } as const;
  const name = 'name' in yardstick ? yardstick.name : 'the today line';
  return (
    <>
      <p className="row-sentence">
        <SaidPhrases said={yardstickAlone} definition={yardstick} name={name} onChange={set} />
      </p>
      {'name' in yardstick && <PartName chart={chart} part={part} value={yardstick.name} />}
      <Remove name={name} hanging={hangingOn(chart, part)} onRemove={remove} />
    </>
  );
}
