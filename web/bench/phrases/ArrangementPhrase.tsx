import {
  type ArrangementDefinition,
  arrangementKind,
  arrangementKinds,
} from '../../../core/arrangements';
import type { ChartDefinition } from '../../../core/chart';
import { Phrase, SelectField } from '../../controls';
import { useChange } from '../useBench';
import { KindFields } from './KindFields';

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
    </Phrase>
  );
}
