import { Radio } from 'antd';
import type { SeriesDefinition } from '../../../core/chart';
import { Phrase } from '../../controls';
import type { SeriesPhraseProps } from '../seriesPhrase';

const words: Record<SeriesDefinition['valueAxis'], string> = {
  first: 'the value axis',
  second: 'a second value axis',
};

/** The value axis that a series stands on. */
export function AxisPhrase({ series, onChange }: SeriesPhraseProps) {
  return (
    <Phrase words={words[series.valueAxis]} label="Stands on">
      <Radio.Group
        value={series.valueAxis}
        aria-label="Stands on"
        onChange={(event) =>
          onChange({ valueAxis: event.target.value as SeriesDefinition['valueAxis'] })
        }
        options={Object.entries(words).map(([value, label]) => ({ value, label }))}
        vertical
      />
    </Phrase>
  );
}
