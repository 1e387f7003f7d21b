/** A tape on which nothing is measured yet. */
export const BareTape = () => (
  <svg width="132" height="26" viewBox="0 0 132 26" aria-hidden="true">
    <path d="M2 12H130" stroke="#BFCACB" strokeDasharray="4 5" strokeWidth="1.5" />
    {[0, 1, 2, 3, 4, 5].map((block) => (
      <rect key={block} x={2 + block * 21.4} y={18} width={10.7} height={6} fill="#14222B" />
    ))}
    <rect x="2" y="18" width="128" height="6" fill="none" stroke="#14222B" strokeWidth="0.8" />
  </svg>
);
