import { page, shades } from '../look';

/** A line levelled against its mark, between a staff and a tape. */
export function Levelled() {
  const blocks = Array.from({ length: 12 }, (_, block) => block);
  return (
    <svg viewBox="0 0 520 250" className="levelled" aria-hidden="true">
      <rect x="6" y="10" width="14" height="200" fill="#fff" stroke={page.ink} />
      {blocks.slice(0, 10).map((block) => (
        <rect
          key={block}
          x={block % 2 ? 6 : 13}
          y={10 + block * 20}
          width="7"
          height="20"
          fill={page.ink}
        />
      ))}
      <rect x="30" y="220" width="480" height="12" fill="#fff" stroke={page.ink} />
      {blocks
        .filter((block) => block % 2 === 0)
        .map((block) => (
          <rect key={block} x={30 + block * 40} y="220" width="40" height="12" fill={page.ink} />
        ))}
      <path d="M30 120H510" stroke={page.ink} strokeWidth="2" strokeDasharray="8 5" />
      <path
        d="M50 170L90 158L130 140L148.2 120"
        fill="none"
        stroke={shades.brick}
        strokeWidth="5"
      />
      <path
        d="M148.2 120L170 96L210 52L250 40L290 78L317.3 120"
        fill="none"
        stroke={shades.indigo}
        strokeWidth="4"
      />
      <path
        d="M317.3 120L330 140L370 178L410 150L439.4 120"
        fill="none"
        stroke={shades.brick}
        strokeWidth="5"
      />
      <path d="M439.4 120L450 109L490 70" fill="none" stroke={shades.indigo} strokeWidth="4" />
      <circle cx="250" cy="40" r="7" fill="#fff" stroke={page.ink} strokeWidth="3" />
      <circle cx="370" cy="178" r="7" fill={page.ink} />
      <path d="M20 120L32 113V127Z" fill={page.accent} />
    </svg>
  );
}
