import { Checkbox, Input } from 'antd';
import {
  type AxesDefinition,
  type AxisStart,
  axisStarts,
  type ChartDefinition,
  type ValueAxisDefinition,
} from '../../../core/chart';
import { plainNumbers } from '../../../core/labels';
import {
  NumberStyleFields,
  OptionalNumberField,
  Phrase,
  sampleFigure,
  SelectField,
} from '../../controls';
import { useChange } from '../useBench';
import { SlotsHint } from './SlotsHint';

const startWords: Record<AxisStart, string> = {
  suited: 'at zero, unless that wastes much room',
  zero: 'always at zero',
  data: 'at the least figure',
};

/** An end of the axis that is left empty follows the figures. */
const followed = 'as the figures have it';

interface ValueAxisSentenceProps {
  chart: ChartDefinition;
  which: 'first' | 'second';
}

/** A value axis as a sentence: where it begins and ends, its title, and how its figures are written. */
export function ValueAxisSentence({ chart, which }: ValueAxisSentenceProps) {
  const change = useChange();
  const axis = chart.axes[which];
  const set = (more: Partial<AxesDefinition['second']>) =>
    change((before) => ({
      ...before,
      axes: { ...before.axes, [which]: { ...before.axes[which], ...more } },
    }));
  return (
    <p className="row-sentence">
      It starts{' '}
      <Phrase
        words={axis.from === null ? startWords[axis.starts] : `at ${axis.from}`}
        label="Starts"
      >
        <SelectField
          label="The value axis starts"
          value={axis.starts}
          onChange={(starts) => set({ starts })}
          options={axisStarts.map((value) => ({ value, label: startWords[value] }))}
        />
        <OptionalNumberField
          placeholder={followed}
          label="Or at"
          value={axis.from}
          onChange={(from) => set({ from })}
        />
      </Phrase>{' '}
      and ends{' '}
      <Phrase words={axis.to === null ? 'above the greatest figure' : `at ${axis.to}`} label="Ends">
        <OptionalNumberField
          placeholder={followed}
          label="Ends at"
          value={axis.to}
          onChange={(to) => set({ to })}
        />
      </Phrase>
      . Its title is{' '}
      <Phrase words={axis.title || 'left out'} label="Title">
        <label className="field">
          <span>Title</span>
          <Input
            value={axis.title}
            aria-label="Title of the axis"
            maxLength={120}
            onChange={({ target }) => set({ title: target.value })}
          />
        </label>
        <SlotsHint chart={chart} />
      </Phrase>
      ; figures are written <NumbersPhrase axis={axis} onChange={(numbers) => set({ numbers })} />.
      {which === 'second' && (
        <Checkbox
          checked={chart.axes.second.aligned}
          onChange={({ target }) => set({ aligned: target.checked })}
        >
          On the same scale as the first
        </Checkbox>
      )}
    </p>
  );
}

function NumbersPhrase({
  axis: { numbers },
  onChange,
}: {
  axis: ValueAxisDefinition;
  onChange: (numbers: ValueAxisDefinition['numbers']) => void;
}) {
  return (
    <Phrase
      words={numbers ? `as ${sampleFigure(numbers)}` : 'as the dashboard writes them'}
      label="Figures written"
    >
      <Checkbox
        checked={numbers !== null}
        onChange={({ target }) => onChange(target.checked ? plainNumbers : null)}
      >
        In a way of its own
      </Checkbox>
      {numbers && <NumberStyleFields value={numbers} onChange={onChange} />}
    </Phrase>
  );
}
