import { NumberField } from '../../controls';
import { DatePicker } from 'antd';
import dayjs from 'dayjs';
import { type ChartDefinition, freshId } from '../../../core/chart';
import type { DialDefinition } from '../../../core/dials';
import type { Reading } from '../../../core/reading';
import { NameField } from '../fields';
import { AddMenu } from '../AddMenu';
import { ListRow, ListSection } from '../ListRow';
import { DialSample } from '../samples';
import { useChange } from '../useBench';
import { Remove, usePart } from '../usePart';

interface DialRowsProps {
  chart: ChartDefinition;
  reading: Reading | null;
}

/** The dials of a chart: named values that yardsticks, rules and formulas use. */
export function DialRows({ chart, reading }: DialRowsProps) {
  const change = useChange();
  const axis = reading?.panels[0]?.axis;
  const add = (dial: Omit<DialDefinition, 'id'>) =>
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
        } as DialDefinition,
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
              add: () => add({ kind: 'number', name: 'Limit', value: level, ...number }),
            },
            {
              label: 'a date',
              add: () =>
                add({
                  ...{ kind: 'date', name: 'Date' },
                  value: dayjs('1970-01-01')
                    .add(reading?.today ?? 0, 'day')
                    .format('YYYY-MM-DD'),
                }),
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
          found={dial.kind === 'number' ? `from ${dial.from} to ${dial.to}` : dial.kind}
          figure={String(dial.value)}
        >
          <DialFields dial={dial} />
        </ListRow>
      ))}
    </ListSection>
  );
}

function DialFields({ dial }: { dial: DialDefinition }) {
  const { set, remove } = usePart('dials', dial.id);
  return (
    <>
      <NameField value={dial.name} onChange={(name) => set({ ...dial, name })} />
      {dial.kind === 'number' &&
        (['value', 'from', 'to', 'step'] as const).map((part) => (
          <NumberField
            key={part}
            label={{ value: 'Stands at', from: 'Turns from', to: 'to', step: 'in steps of' }[part]}
            value={dial[part]}
            onChange={(number) => set({ ...dial, [part]: number })}
          />
        ))}
      {dial.kind === 'date' && (
        <label className="field">
          <span>Stands at</span>
          <DatePicker
            value={dayjs(dial.value)}
            format="D MMM YYYY"
            aria-label="Stands at"
            allowClear={false}
            onChange={(day) => day && set({ ...dial, value: day.format('YYYY-MM-DD') })}
          />
        </label>
      )}
      <Remove name={dial.name} onRemove={remove} />
    </>
  );
}
