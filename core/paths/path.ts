/** A point of a line: where it stands, and where its period begins and ends. */
export interface PathPoint {
  x: number;
  y: number;
  from: number;
  to: number;
}

/** How a line leads through an unbroken run of points. */
export interface Path {
  /**
   * Where, strictly between a point and the next, the line crosses a mark that is straight between
   * them; ascending.
   * @param before the signed distance from the mark at the point
   * @param after the same at the next one
   */
  crossings: (place: number, before: number, after: number) => number[];
  /** Which side of the mark the line is on at x, between a point and the next: a signed distance. */
  side: (place: number, x: number, before: number, after: number) => number;
  /** The line from x to x between a point and the next, both ends included. */
  trace: (place: number, from: number, to: number) => { x: number[]; y: number[] };
  /** Between points on one side of a mark it never crosses it. */
  crossesOnlyOver: boolean;
  /** What is drawn before the first point and after the last one. */
  lead?: (end: 'first' | 'last') => { x: number[]; y: number[] };
}

/** A shape of line: makes the path through a run of points. */
export type PathShape = (points: readonly PathPoint[]) => Path;
