import type { Grain } from '../../core/calendar';

interface GrainChoiceFieldProps {
  grains: readonly Grain[];
  grain: Grain;
  onChoose: (grain: Grain) => void;
}

/** The periods that a reader may see a chart by. */
export function GrainChoiceField({ grains, grain, onChoose }: GrainChoiceFieldProps) {
  return (
    <div className="grain-choice small" role="group" aria-label="Drawn by">
      {grains.map((each) => (
        <button
          key={each}
          type="button"
          className="act"
          aria-pressed={each === grain}
          onClick={() => onChoose(each)}
        >
          {each}
        </button>
      ))}
    </div>
  );
}
