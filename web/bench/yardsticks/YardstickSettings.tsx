import type { ComponentType } from 'react';
import { type ChartDefinition, hangingOn, type StyledYardstick } from '../../../core/chart';
import type { YardstickDefinition } from '../../../core/yardsticks';
import { NameField } from '../fields';
import { Remove, usePart } from '../usePart';
import { BandSentence } from './BandSentence';
import { DatesSentence } from './DatesSentence';
import { LookPhrase } from './LookPhrase';
import { LineSentence } from './LineSentence';
import { MomentSentence } from './MomentSentence';
import { ReadingsSentence } from './ReadingsSentence';
import { RecordedSentence } from './RecordedSentence';
import { RecurringSentence } from './RecurringSentence';
import { RibbonSentence } from './RibbonSentence';
import { StepsSentence } from './StepsSentence';
import { TodaySentence } from './TodaySentence';
import type { YardstickSentenceProps } from './yardstickSentence';

/** The sentence of each kind. */
const sentences: {
  [Kind in YardstickDefinition['kind']]: ComponentType<YardstickSentenceProps<Kind>>;
} = {
  line: LineSentence,
  band: BandSentence,
  steps: StepsSentence,
  ribbon: RibbonSentence,
  readings: ReadingsSentence,
  moment: MomentSentence,
  recurring: RecurringSentence,
  recorded: RecordedSentence,
  today: TodaySentence,
  dates: DatesSentence,
};

interface YardstickSettingsProps {
  chart: ChartDefinition;
  yardstick: StyledYardstick;
}

/** A yardstick as a sentence, whose phrases are its settings. */
export function YardstickSettings({ chart, yardstick }: YardstickSettingsProps) {
  const { set, remove } = usePart('yardsticks', yardstick.id);
  const Sentence = sentences[yardstick.kind] as ComponentType<
    YardstickSentenceProps<YardstickDefinition['kind']>
  >;
  return (
    <>
      <p className="row-sentence">
        <Sentence
          chart={chart}
          yardstick={yardstick}
          onChange={(next) => set({ ...next, look: yardstick.look })}
        />{' '}
        <LookPhrase yardstick={yardstick} onChange={set} />
      </p>
      {'name' in yardstick && (
        <NameField
          value={yardstick.name}
          onChange={(name) => set({ ...yardstick, name } as StyledYardstick)}
        />
      )}
      <Remove
        name={'name' in yardstick ? yardstick.name : 'the today line'}
        hanging={hangingOn(chart, { of: 'yardsticks', id: yardstick.id })}
        onRemove={remove}
      />
    </>
  );
}
