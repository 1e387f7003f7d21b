import type { Grain } from '../../core/calendar';
import { Segments } from '../hands';

interface GrainChoiceFieldProps {
  grains: readonly Grain[];
  grain: Grain;
  onChoose: (grain: Grain) => void;
}

/** The periods that a reader may see a chart by. */
export const GrainChoiceField = ({ grains, grain, onChoose }: GrainChoiceFieldProps) => (
  <Segments
    label="Drawn by"
    options={grains}
    value={grain}
    onChange={(next) => onChoose(next as Grain)}
  />
);
