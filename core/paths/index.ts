import type { Shape } from '../chart';
import type { PathShape } from './path';
import { smooth } from './smooth';
import { stepped } from './stepped';
import { straight } from './straight';

/** Every shape of line. */
export const pathShapes: Readonly<Record<Shape, PathShape>> = {
  straight,
  smooth,
  stepped,
  // Bars stand alone: no path leads from one to the next.
  bars: straight,
};
export type { Path, PathPoint, PathShape } from './path';
export { tangents } from './smooth';
export { crossingShare } from './straight';
