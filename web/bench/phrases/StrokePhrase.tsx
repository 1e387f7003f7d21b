import { countPeriods } from '../../../core/labels';
import { Checkbox } from 'antd';
import {
  type Dash,
  dashes,
  type Gradient,
  gradients,
  pointKinds,
  type PointsDefinition,
  type Shape,
  shapes,
} from '../../../core/chart';
import { sourceOfFigures } from '../../../core/origins';
import { NumberField, Phrase, SelectField } from '../../controls';
import { StrokeSample } from '../../look';
import { ColourField } from '../fields';
import type { SeriesPhraseProps } from '../seriesPhrase';

const shapeWords: Record<Shape, string> = {
  straight: 'straight from point to point',
  smooth: 'smoothed, without overshooting',
  stepped: 'stepped at the edges of periods',
  bars: 'as bars from zero',
};

const pointWords: Record<PointsDefinition['at'], string> = {
  none: '',
  all: 'with points',
  measured: 'with points where measured',
  sized: 'with points as large as their figures',
};

const gradientWords: Record<Gradient, string> = {
  value: 'deepens with its value',
  mark: 'changes with its distance from the mark',
};

const widths = [1, 1.4, 1.6, 2, 2.4, 3, 4];

/** How a line is drawn. */
export function StrokePhrase({ series, onChange }: SeriesPhraseProps) {
  const { stroke } = series;
  const set = (more: Partial<typeof stroke>) => onChange({ stroke: { ...stroke, ...more } });
  const words = [
    stroke.shape,
    stroke.colour,
    stroke.gradient && `shaded by ${stroke.gradient === 'value' ? 'value' : 'distance'}`,
    stroke.dash && (stroke.dash === 'solid' ? 'solid' : 'dashed'),
    pointWords[stroke.points.at],
    series.readings && 'over its single readings',
    stroke.filled && 'filled beneath',
  ];
  return (
    <Phrase words={words.filter(Boolean).join(', ')} label="Line">
      <SelectField
        label="Leads"
        value={stroke.shape}
        onChange={(shape) => set({ shape })}
        options={shapes.map((value) => ({ value, label: shapeWords[value] }))}
      />
      <SelectField<Gradient | ''>
        label="Its colour"
        value={stroke.gradient ?? ''}
        onChange={(gradient) => set({ gradient: gradient || undefined })}
        options={[
          { value: '', label: 'stays the same' },
          ...gradients.map((value) => ({ value, label: gradientWords[value] })),
        ]}
      />
      {!series.split && (
        <ColourField value={stroke.colour} onChange={(colour) => set({ colour })} />
      )}
      <SelectField<Dash | ''>
        label="Dash"
        value={stroke.dash ?? ''}
        onChange={(dash) => set({ dash: dash || null })}
        options={[
          { value: '', label: 'its role’s own' },
          ...dashes.map((dash) => ({
            value: dash,
            label: <StrokeSample stroke={{ colour: 'ink', dash, width: 2 }} />,
          })),
        ]}
      />
      <SelectField
        label="Width"
        value={stroke.width ?? 0}
        onChange={(width) => set({ width: width || null })}
        options={[
          { value: 0, label: 'its role’s own' },
          ...widths.map((width) => ({ value: width, label: countPeriods(width, 'pixel') })),
        ]}
      />
      <PointsFields points={stroke.points} onChange={(points) => set({ points })} />
      {sourceOfFigures(series.figures) !== null && !series.split && !series.derived && (
        <Checkbox
          checked={series.readings}
          onChange={({ target }) => onChange({ readings: target.checked })}
        >
          Single readings as faint points behind it
        </Checkbox>
      )}
      <Checkbox checked={stroke.filled} onChange={({ target }) => set({ filled: target.checked })}>
        Fill the area beneath
      </Checkbox>
    </Phrase>
  );
}

interface PointsFieldsProps {
  points: PointsDefinition;
  onChange: (points: PointsDefinition) => void;
}

/** Which figures have a point, its colour and its size. */
function PointsFields({ points, onChange }: PointsFieldsProps) {
  const { at, colour, sizes } = points;
  const [least, greatest] = sizes;
  const sized = (next: PointsDefinition['sizes']) => onChange({ ...points, sizes: next });
  return (
    <>
      <SelectField
        label="Points"
        value={at}
        onChange={(next) => onChange({ ...points, at: next })}
        options={pointKinds.map((value) => ({ value, label: pointWords[value] || 'none' }))}
      />
      {at !== 'none' && (
        <>
          <ColourField
            label="Colour of points"
            value={colour}
            onChange={(next) => onChange({ ...points, colour: next })}
          />
          <NumberField
            label={at === 'sized' ? 'Across, of the least' : 'Across, in pixels'}
            value={least}
            min={1}
            max={60}
            onChange={(size) => sized([size, greatest])}
          />
        </>
      )}
      {at === 'sized' && (
        <NumberField
          label="Across, of the greatest"
          value={greatest}
          min={1}
          max={60}
          onChange={(size) => sized([least, size])}
        />
      )}
    </>
  );
}
