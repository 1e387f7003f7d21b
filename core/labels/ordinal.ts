/** A place in an order, as it is said: 1st, 22nd, 113th. A figure between whole numbers takes "th". */
export function writeOrdinal(place: number): string {
  const teens = place % 100 >= 11 && place % 100 <= 13;
  const ending = teens
    ? undefined
    : ({ 1: 'st', 2: 'nd', 3: 'rd' } as Record<number, string>)[place % 10];
  return `${place}${ending ?? 'th'}`;
}
