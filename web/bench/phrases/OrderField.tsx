import { Act } from '../../controls';

/** Longer lists are not put in order by hand. */
const mostOrdered = 24;

interface OrderFieldProps {
  order: readonly string[];
  onChange: (order: string[]) => void;
}

/** The order in which lines, panels or the words of an axis stand. */
export function OrderField({ order, onChange }: OrderFieldProps) {
  const move = (place: number, by: -1 | 1) => {
    const moved = [...order];
    moved.splice(place + by, 0, ...moved.splice(place, 1));
    onChange(moved);
  };
  if (order.length < 2 || order.length > mostOrdered) return null;
  return (
    <div className="field">
      <span>In this order</span>
      <ol className="order-list">
        {order.map((word, place) => (
          <li key={word}>
            <span className="grow">{word || 'blank'}</span>
            <Act
              aria-label={`${word || 'blank'} earlier`}
              disabled={place === 0}
              onClick={() => move(place, -1)}
            >
              Earlier
            </Act>
            <Act
              aria-label={`${word || 'blank'} later`}
              disabled={place === order.length - 1}
              onClick={() => move(place, 1)}
            >
              Later
            </Act>
          </li>
        ))}
      </ol>
    </div>
  );
}
