import { NumberField } from '../../controls';
import type { OriginFieldsProps } from './originFields';

/** The figure that stands in every period. */
export function ConstantFields({ figures, onChange }: OriginFieldsProps<'constant'>) {
  return (
    <NumberField
      label="Figure"
      value={figures.number}
      onChange={(number) => onChange({ figures: { ...figures, number } })}
    />
  );
}
