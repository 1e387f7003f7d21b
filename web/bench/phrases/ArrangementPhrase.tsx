import {
  type ArrangementDefinition,
  arrangementKind,
  arrangementKinds,
} from '../../../core/arrangements';
import { type AxisStart, axisStarts, type ChartDefinition } from '../../../core/chart';
import { Phrase, SelectField } from '../../controls';
import { useChange } from '../useBench';
import { KindFields } from './KindFields';

const startWords: Record<AxisStart, string> = {
  suited: 'at zero, unless that wastes much room',
  zero: 'always at zero',
  data: 'at the least figure',
};

/** How the lines are laid out: in one picture, in panels, year over year, as a slope. */
export function ArrangementPhrase({ chart }: { chart: ChartDefinition }) {
  const change = useChange();
  const { arrangement } = chart;
  const set = (next: ArrangementDefinition) =>
    change((before) => ({ ...before, arrangement: next }));
  return (
    <Phrase words={arrangementKind(arrangement).name} label="Arrangement">
      <SelectField
        label="Drawn"
        value={arrangement.kind}
        onChange={(kind) => set(arrangementKind({ kind }).draft)}
        options={arrangementKinds.map(({ kind, name }) => ({ value: kind, label: name }))}
      />
      <KindFields
        definition={arrangement}
        settings={arrangementKind(arrangement).settings}
        onChange={set}
      />
      <SelectField
        label="The value axis starts"
        value={chart.axis.starts}
        onChange={(starts) => change((before) => ({ ...before, axis: { starts } }))}
        options={axisStarts.map((value) => ({ value, label: startWords[value] }))}
      />
    </Phrase>
  );
}
