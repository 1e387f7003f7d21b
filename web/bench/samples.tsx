import type { Colour } from '../../core/chart';
import type { PickDefinition } from '../../core/standouts';
import { page, shadeOf } from '../look';

/** What a sample wears; null: the accent of the page, or ink. */
interface Coloured {
  colour: Colour | null;
}

/** A level line with its notch. */
export function LevelSample({ colour }: Coloured) {
  const shade = colour ? shadeOf(colour) : page.accent;
  return (
    <svg width="40" height="12" viewBox="0 0 40 12" aria-hidden="true">
      <path d="M8 6H40" stroke={shade} strokeWidth="1.4" />
      <path d="M0 6L8 1.5V10.5Z" fill={shade} />
    </svg>
  );
}

/** A date line with its notch. */
export function DateSample({ colour }: Coloured) {
  const shade = colour ? shadeOf(colour) : page.ink;
  return (
    <svg width="40" height="14" viewBox="0 0 40 14" aria-hidden="true">
      <path d="M20 2V14" stroke={shade} strokeWidth="1.6" />
      <path d="M15.5 1H24.5L20 6.5Z" fill={shade} />
    </svg>
  );
}

interface StandoutSampleProps extends Coloured {
  pick: PickDefinition['kind'];
}

/** The disc of the lowest, the ring of any other. */
export function StandoutSample({ pick, colour }: StandoutSampleProps) {
  const ink = colour ? shadeOf(colour) : page.ink;
  return (
    <svg width="40" height="14" viewBox="0 0 40 14" aria-hidden="true">
      <circle
        cx="20"
        cy="7"
        r="5"
        fill={pick === 'lowest' ? ink : page.sheet}
        stroke={ink}
        strokeWidth="1.8"
      />
    </svg>
  );
}

/** A band. */
export function BandSample({ colour }: Coloured) {
  const shade = colour ? shadeOf(colour) : page.accent;
  return (
    <svg width="40" height="14" viewBox="0 0 40 14" aria-hidden="true">
      <rect x="0" y="2" width="40" height="10" fill={shade} opacity="0.18" />
      <path d="M0 2H40M0 12H40" stroke={shade} strokeWidth="1" />
    </svg>
  );
}

/** The staff: a value axis. */
export function StaffSample() {
  return (
    <svg width="40" height="12" viewBox="0 0 40 12" aria-hidden="true" className="sample">
      <rect x="16.5" y="0.5" width="7" height="11" fill={page.sheet} stroke={page.ink} />
      <rect x="20" y="0" width="4" height="4" fill={page.ink} />
      <rect x="16" y="4" width="4" height="4" fill={page.ink} />
      <rect x="20" y="8" width="4" height="4" fill={page.ink} />
    </svg>
  );
}

/** The tape: the dates, and what is written. */
export function TapeSample() {
  return (
    <svg width="40" height="12" viewBox="0 0 40 12" aria-hidden="true" className="sample">
      <rect x="0.5" y="3.5" width="39" height="5" fill={page.sheet} stroke={page.ink} />
      {[0, 16, 32].map((x) => (
        <rect key={x} x={x} y="3" width="8" height="6" fill={page.ink} />
      ))}
    </svg>
  );
}

/** A dial: a value on its way from one end to another. */
export function DialSample() {
  return (
    <svg width="40" height="14" viewBox="0 0 40 14" aria-hidden="true">
      <path d="M2 9H38" stroke={page.ink} strokeWidth="1.2" />
      <path d="M21 2H27V8L24 12L21 8Z" fill={page.accent} />
    </svg>
  );
}
