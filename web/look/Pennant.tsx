import type { Colour } from '../../core/chart';
import { letteredIn } from './colours';

/** A surveyor's pennant with its number, as it flies over the chart. */
export function Pennant({ number, colour }: { number: number; colour: Colour }) {
  return (
    <svg
      width="26"
      height="20"
      viewBox="0 0 26 20"
      role="img"
      aria-label={`Note ${number}`}
      className="pennant"
    >
      <path d="M1.5 0V20" stroke="#14222B" strokeWidth="1.6" />
      <path d="M2 1H25L20.5 7L25 13H2Z" fill={letteredIn(colour)} />
      <text x="10.5" y="10.8" textAnchor="middle" fill="#fff" fontSize="10.5" fontWeight="700">
        {number}
      </text>
    </svg>
  );
}
