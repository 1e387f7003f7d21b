import type { ComponentType } from 'react';
import { type ChartDefinition, type StyledYardstick } from '../../../core/chart';
import { hangingOn } from '../../../core/editing';
import type { YardstickDefinition } from '../../../core/yardsticks';
import { PartName } from '../PartName';
import { Remove, usePart } from '../usePart';
import { BandSentence } from './BandSentence';
import { DatesSentence } from './DatesSentence';
import { LookPhrase } from './LookPhrase';
import { LineSentence } from './LineSentence';
import { FoundDateSentence } from './FoundDateSentence';
import { ReadingsSentence } from './ReadingsSentence';
import { RecordedSentence } from './RecordedSentence';
import { RecurringSentence } from './RecurringSentence';
import { BetweenSentence } from './BetweenSentence';
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
  between: BetweenSentence,
  readings: ReadingsSentence,
  foundDate: FoundDateSentence,
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
  const part = { of: 'yardsticks', id: yardstick.id } as const;
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
      {'name' in yardstick && <PartName chart={chart} part={part} value={yardstick.name} />}
      <Remove
        name={'name' in yardstick ? yardstick.name : 'the today line'}
        hanging={hangingOn(chart, part)}
        onRemove={remove}
      />
    </>
  );
}
