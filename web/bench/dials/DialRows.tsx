import { type ChartDefinition, freeName, namedParts } from '../../../core/chart';
import { hangingOn } from '../../../core/editing';
import { type DialDefinition, dialEntry, sayDial, standsAt, turnsOf } from '../../../core/dials';
import { alternatives } from '../../../core/sentences';
import { withTyped } from '../../../core/text';
import { PartName } from '../PartName';
import { AddTo } from '../AddTo';
import { ListRow, ListSection } from '../ListRow';
import { DialSample } from '../samples';
import { useChange } from '../useBench';
import { SelectField } from '../../controls';
import { SaidPhrases, useAbout } from '../../sentences';
import { RenameElsewhere } from './RenameElsewhere';
import { Remove, usePart } from '../usePart';

/** The dials of a chart: named values that yardsticks, rules and formulas use. */
export function DialRows({ chart }: { chart: ChartDefinition }) {
  const about = useAbout();
  const change = useChange();
  const offers = () =>
    alternatives(dialEntry.setting()).map(({ entry }) => {
      const value = { ...(entry.draft(about) as DialDefinition), name: 'Dial' };
      return {
        label: entry.print(value, about.names),
        take: () =>
          change((before) => {
            const name = freeName(
              value.name,
              namedParts(before).map((part) => part.name),
            );
            return withTyped(before, { of: 'dial', value: { ...value, name } });
          }),
      };
    });
  return (
    <ListSection
      title="Dials"
      empty="None yet: a value that readers can turn, as a limit or a date."
      add={<AddTo list="Dials" offers={offers} />}
    >
      {chart.dials.map((dial) => (
        <ListRow
          key={dial.id}
          sample={<DialSample />}
          name={dial.name}
          found={dialEntry.print(dial, about.names)}
          figure={sayDial(standsAt(dial)) || 'all'}
        >
          <DialSettings chart={chart} dial={dial} />
        </ListRow>
      ))}
    </ListSection>
  );
}

function DialSettings({ chart, dial }: { chart: ChartDefinition; dial: DialDefinition }) {
  const { set, remove } = usePart('dials', dial.id);
  const part = { of: 'dials', id: dial.id } as const;
  const turns = turnsOf(dial);
  return (
    <>
      <PartName chart={chart} part={part} value={dial.name} />
      <RenameElsewhere dial={dial} />
      <p className="row-sentence">
        <SaidPhrases
          said={dialEntry}
          definition={dial}
          name={dial.name}
          not={(path) => turns.by === 'choice' && path === 'value'}
          onChange={set}
        />
      </p>
      {turns.by === 'choice' && (
        <SelectField
          label="Stands at"
          value={String(standsAt(dial))}
          onChange={(value) => set({ ...dial, value } as DialDefinition)}
          options={turns.choices.map((choice) => ({ value: choice, label: choice || 'all' }))}
        />
      )}
      <Remove name={dial.name} hanging={hangingOn(chart, part)} onRemove={remove} />
    </>
  );
}
