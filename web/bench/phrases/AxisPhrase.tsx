import { Radio } from 'antd';
import type { SeriesDefinition } from '../../../core/chart';
import { Phrase } from '../../controls';
import type { SeriesPhraseProps } from '../seriesPhrase';

const words: Record<SeriesDefinition['axis'], string> = {
  first: 'the value axis',
  second: 'a second value axis',
};

/** The value axis that a series stands on. */
export function AxisPhrase({ series, onChange }: SeriesPhraseProps) {
  return (
    <Phrase words={words[series.axis]} label="Stands on">
      <Radio.Group
        value={series.axis}
        aria-label="Stands on"
        onChange={(event) => onChange({ axis: event.target.value as SeriesDefinition['axis'] })}
        options={Object.entries(words).map(([value, label]) => ({ value, label }))}
        vertical
      />
    </Phrase>
  );
}
