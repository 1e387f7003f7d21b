import type { Stroke } from '../../core/chart';
import { shadeOf } from './colours';

const dashes: Record<Stroke['dash'], string | undefined> = {
  solid: undefined,
  dash: '5 3',
  dot: '2 2.5',
  longdash: '9 3',
};

/** A line's own stroke, as the legend shows it; two colours where a rule divides it. */
export function StrokeSample({
  stroke,
  rules = [],
}: {
  stroke: Stroke;
  rules?: readonly Stroke['colour'][];
}) {
  const worn = rules.length > 0 ? rules : [stroke.colour];
  const part = 40 / worn.length;
  return (
    <svg
      width="40"
      height="10"
      viewBox="0 0 40 10"
      preserveAspectRatio="xMinYMid slice"
      aria-hidden="true"
      className="sample"
    >
      {worn.map((colour, place) => (
        <line
          key={place}
          x1={place * part}
          x2={(place + 1) * part}
          y1="5"
          y2="5"
          stroke={shadeOf(colour)}
          strokeWidth={stroke.width + 0.6}
          strokeDasharray={dashes[stroke.dash]}
        />
      ))}
    </svg>
  );
}
