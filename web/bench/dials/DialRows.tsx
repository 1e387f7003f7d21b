import dayjs from 'dayjs';
import { type ChartDefinition } from '../../../core/chart';
import { freshId, hangingOn } from '../../../core/editing';
import { type DialDefinition, dialEntry } from '../../../core/dials';
import type { Reading } from '../../../core/reading';
import { PartName } from '../PartName';
import { AddMenu } from '../AddMenu';
import { ListRow, ListSection } from '../ListRow';
import { DialSample } from '../samples';
import { useChange } from '../useBench';
import { SelectField } from '../../controls';
import { SaidPhrases } from '../sentences';
import { RenameElsewhere } from './RenameElsewhere';
import { Remove, usePart } from '../usePart';

interface DialRowsProps {
  chart: ChartDefinition;
  reading: Reading | null;
}

/** The dials of a chart: named values that yardsticks, rules and formulas use. */
export function DialRows({ chart, reading }: DialRowsProps) {
  const change = useChange();
  const axis = reading?.panels[0]?.axis;
  const add = (dial: DialDefinition) =>
    change((before) => ({
      ...before,
      dials: [
        ...before.dials,
        {
          ...dial,
          id: freshId(
            'dial',
            before.dials.map(({ id }) => id),
          ),
        },
      ],
    }));
  const level = axis ? Number(((axis.from + axis.to) / 2).toPrecision(2)) : 10;
  const number = { from: axis?.from ?? 0, to: axis?.to ?? 100, step: (axis?.step ?? 10) / 10 };
  return (
    <ListSection
      title="Dials"
      empty="None yet: a value that readers can turn, as a limit or a date."
      add={
        <AddMenu
          items={[
            {
              label: 'a number',
              add: () => add({ kind: 'number', id: '', name: 'Limit', value: level, ...number }),
            },
            {
              label: 'a date',
              add: () =>
                add({
                  kind: 'date',
                  id: '',
                  name: 'Date',
                  value: dayjs('1970-01-01')
                    .add(reading?.today ?? 0, 'day')
                    .format('YYYY-MM-DD'),
                }),
            },
            {
              label: 'a choice',
              add: () => add({ kind: 'choice', id: '', name: 'Choice', value: '', choices: [''] }),
            },
          ]}
        />
      }
    >
      {chart.dials.map((dial) => (
        <ListRow
          key={dial.id}
          sample={<DialSample />}
          name={dial.name}
          found={sayRange(dial)}
          figure={dial.value === '' ? 'all' : String(dial.value)}
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
  return (
    <>
      <PartName chart={chart} part={part} value={dial.name} />
      <RenameElsewhere dial={dial} />
      <p className="row-sentence">
        <SaidPhrases
          said={dialEntry}
          definition={dial}
          name={dial.name}
          not={(path) => path === 'value'}
          onChange={set}
        />
      </p>
      {'choices' in dial && (
        <SelectField
          label="Stands at"
          value={dial.value}
          onChange={(value) => set({ ...dial, value })}
          options={dial.choices.map((choice) => ({ value: choice, label: choice || 'all' }))}
        />
      )}
      <Remove name={dial.name} hanging={hangingOn(chart, part)} onRemove={remove} />
    </>
  );
}

/** What a dial may stand at, in a few words. */
function sayRange(dial: DialDefinition): string {
  if (dial.kind === 'number') return `from ${dial.from} to ${dial.to}`;
  return dial.kind === 'date' ? 'date' : `one of ${dial.choices.length}`;
}
