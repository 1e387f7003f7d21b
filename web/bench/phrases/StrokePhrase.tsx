import { Checkbox } from 'antd';
import { type Dash, dashes, type Shape, shapes } from '../../../core/chart';
import { Phrase, SelectField } from '../../controls';
import { StrokeSample } from '../../look';
import { ColourField } from '../fields';
import type { SeriesPhraseProps } from './seriesPhrase';

const shapeWords: Record<Shape, string> = {
  straight: 'straight from point to point',
  smooth: 'smoothed, without overshooting',
  stepped: 'stepped at the edges of periods',
};

const widths = [1, 1.4, 1.6, 2, 2.4, 3, 4];

/** How a line is drawn. */
export function StrokePhrase({ series, onChange }: SeriesPhraseProps) {
  const { stroke } = series;
  const set = (more: Partial<typeof stroke>) => onChange({ stroke: { ...stroke, ...more } });
  const words = [
    stroke.shape,
    stroke.colour,
    stroke.dash && (stroke.dash === 'solid' ? 'solid' : 'dashed'),
    stroke.points && 'with points',
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
          ...widths.map((width) => ({ value: width, label: `${width} pixels` })),
        ]}
      />
      <Checkbox checked={stroke.points} onChange={({ target }) => set({ points: target.checked })}>
        A point at each figure
      </Checkbox>
      <Checkbox checked={stroke.filled} onChange={({ target }) => set({ filled: target.checked })}>
        Fill the area beneath
      </Checkbox>
    </Phrase>
  );
}
