import { Checkbox } from 'antd';
import {
  type ChartDefinition,
  type PeekDefinition,
  peekSizes,
  plainLinking,
  type LinkingDefinition,
} from '../../../core/chart';
import { SelectField } from '../../controls';
import { useChange } from '../useBench';

interface TogetherFieldsProps {
  chart: ChartDefinition;
  /** the other charts of its dashboard */
  others: readonly { id: number; title: string }[];
}

/** What a chart does together with the others of its dashboard. */
export function LinkingFields({ chart, others }: TogetherFieldsProps) {
  const change = useChange();
  const { linked, narrows, peek } = chart.linking ?? plainLinking;
  const set = (more: Partial<LinkingDefinition>) =>
    change((before) => ({
      ...before,
      linking: { ...(before.linking ?? plainLinking), ...more },
    }));
  const setPeek = (more: Partial<PeekDefinition>) => peek && set({ peek: { ...peek, ...more } });
  return (
    <>
      <Checkbox checked={linked} onChange={({ target }) => set({ linked: target.checked })}>
        Crosshair, held dates, highlight and what is picked elsewhere reach it
      </Checkbox>
      <Checkbox checked={narrows} onChange={({ target }) => set({ narrows: target.checked })}>
        A line pressed or dates dragged out in it narrow the other charts
      </Checkbox>
      <SelectField<number>
        label="Beside what is pointed at stands"
        value={peek?.chart ?? 0}
        onChange={(id) =>
          set({ peek: id ? { size: 'medium', shows: 'pointed', ...peek, chart: id } : undefined })
        }
        options={[
          { value: 0, label: 'no other chart' },
          ...others.map(({ id, title }) => ({ value: id, label: title })),
        ]}
      />
      {peek && (
        <>
          <SelectField<PeekDefinition['shows']>
            label="It shows"
            value={peek.shows}
            onChange={(shows) => setPeek({ shows })}
            options={[
              { value: 'pointed', label: 'only the period and line that are pointed at' },
              { value: 'all', label: 'everything, with a line at the date' },
            ]}
          />
          <SelectField<PeekDefinition['size']>
            label="Its size"
            value={peek.size}
            onChange={(size) => setPeek({ size })}
            options={peekSizes.map((size) => ({ value: size, label: size }))}
          />
        </>
      )}
    </>
  );
}

/** The same in a few words. */
export function sayLinking({ linking: ties = plainLinking }: ChartDefinition): string {
  const said = [
    ties.linked ? 'linked' : 'stands alone',
    ties.narrows && 'narrows the others',
    ties.peek && 'another beside the pointer',
  ];
  return said.filter(Boolean).join(', ');
}
