import { Checkbox, Radio } from 'antd';
import { type Shading, shadings } from '../../../core/yardsticks';
import { Phrase } from '../../controls';
import { EdgePhrase } from './EdgePhrase';
import type { YardstickSentenceProps } from './yardstickSentence';

const shadingWords: Record<Shading, string> = {
  none: 'nothing',
  beneath: 'what is beneath it',
  above: 'what is above it',
};

/** A level line. */
export function LineSentence({ chart, yardstick, onChange }: YardstickSentenceProps<'line'>) {
  const { value, shading, onAxis } = yardstick;
  return (
    <>
      A line at{' '}
      <EdgePhrase
        chart={chart}
        label="Stands at"
        edge={value}
        onChange={(edge) => onChange({ ...yardstick, value: edge })}
      />
      , shading{' '}
      <Phrase words={shadingWords[shading]} label="Shading">
        <Radio.Group
          value={shading}
          aria-label="Shading"
          onChange={(event) => onChange({ ...yardstick, shading: event.target.value as Shading })}
          options={shadings.map((each) => ({ value: each, label: shadingWords[each] }))}
          vertical
        />
        <Checkbox
          checked={onAxis}
          onChange={({ target }) => onChange({ ...yardstick, onAxis: target.checked })}
        >
          Make room for it on the axis
        </Checkbox>
      </Phrase>
      .
    </>
  );
}
