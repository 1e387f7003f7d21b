import type { StandoutPick } from '../../core/chart';
import { page } from '../look';

/** A level line with its notch. */
export function LevelSample() {
  return (
    <svg width="40" height="12" viewBox="0 0 40 12" aria-hidden="true">
      <path d="M8 6H40" stroke={page.accent} strokeWidth="1.4" />
      <path d="M0 6L8 1.5V10.5Z" fill={page.accent} />
    </svg>
  );
}

/** The today line with its notch. */
export function TodaySample() {
  return (
    <svg width="40" height="14" viewBox="0 0 40 14" aria-hidden="true">
      <path d="M20 2V14" stroke={page.ink} strokeWidth="1.6" />
      <path d="M15.5 1H24.5L20 6.5Z" fill={page.ink} />
    </svg>
  );
}

/** The disc of the lowest, the ring of any other. */
export function StandoutSample({ pick }: { pick: StandoutPick }) {
  return (
    <svg width="40" height="14" viewBox="0 0 40 14" aria-hidden="true">
      <circle
        cx="20"
        cy="7"
        r="5"
        fill={pick === 'lowest' ? page.ink : page.sheet}
        stroke={page.ink}
        strokeWidth="1.8"
      />
    </svg>
  );
}

/** A band. */
export function BandSample() {
  return (
    <svg width="40" height="14" viewBox="0 0 40 14" aria-hidden="true">
      <rect x="0" y="2" width="40" height="10" fill={page.accent} opacity="0.18" />
      <path d="M0 2H40M0 12H40" stroke={page.accent} strokeWidth="1" />
    </svg>
  );
}
