import { FormulaField } from '../../measures';
import { turnsOf } from '../../../core/dials';
import type { OriginFieldsProps } from './originFields';

/** A formula over the chart's other series and its number dials. */
export function FormulaFields({
  chart,
  series,
  figures,
  live,
  onChange,
}: OriginFieldsProps<'formula'>) {
  const named = [
    ...chart.series.filter(({ id }) => id !== series.id),
    ...chart.dials.filter((dial) => turnsOf(dial).by === 'number'),
  ].map(({ name }) => name);
  return (
    <FormulaField
      text={figures.text}
      names={named}
      live={live}
      onChange={(text) => onChange({ figures: { ...figures, text } })}
    />
  );
}
