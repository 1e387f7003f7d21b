import { Radio } from 'antd';
import { type Grain, grains } from '../../../core/calendar';
import type { ChartDefinition } from '../../../core/chart';
import { Phrase, SelectField } from '../../controls';
import { useChange } from '../useBench';

const months = [
  ...['January', 'February', 'March', 'April', 'May', 'June', 'July'],
  ...['August', 'September', 'October', 'November', 'December'],
];

/** The period that is drawn, and the month in which years begin. */
export function GrainPhrase({ chart }: { chart: ChartDefinition }) {
  const change = useChange();
  return (
    <Phrase words={chart.grain} label="Period">
      <Radio.Group
        value={chart.grain}
        onChange={(event) =>
          change((before) => ({ ...before, grain: event.target.value as Grain }))
        }
        options={grains.map((grain) => ({ value: grain, label: grain }))}
        vertical
      />
      <SelectField
        label="Years begin in"
        value={chart.yearStart}
        onChange={(yearStart) => change((before) => ({ ...before, yearStart }))}
        options={months.map((label, place) => ({ value: place + 1, label }))}
      />
    </Phrase>
  );
}
