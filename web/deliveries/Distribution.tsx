import './found.css';

/** A small picture of how a column's values lie over its range; its words stand beside it. */
export function Distribution({ bins }: { bins: readonly number[] }) {
  if (bins.length < 2) return null;
  const most = Math.max(...bins);
  const width = 4;
  const height = 22;
  return (
    <svg
      className="distribution"
      width={bins.length * width}
      height={height}
      viewBox={`0 0 ${bins.length * width} ${height}`}
      aria-hidden
    >
      {bins.map((count, place) => {
        const tall = count === 0 ? 0 : Math.max(1, (count / most) * (height - 1));
        return (
          <rect key={place} x={place * width} y={height - tall} width={width - 1} height={tall} />
        );
      })}
    </svg>
  );
}
