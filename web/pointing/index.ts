export { Crosshair, PanelLine, valuedAt } from './Crosshair';
export { DatesBand } from './DatesBand';
export { LinkedDates } from './LinkedDates';
export { ValueChips } from './ValueChips';
export { hold, pickPoint } from './chartActs';
export { pressKey, sayKeys } from './chartKeys';
export { pickDates, pickedStretch, pickLine, type Stretch } from './narrowing';
export type { NoteSpot } from './noteSpot';
export { middleDay, type Pointed, pointedAt } from './pointed';
export { PointedHere, useLetGo, usePointedHere } from './pointedHere';
export {
  type HeldDate,
  type Linked,
  type NarrowingHand,
  type PointedDay,
  Pointing,
} from './pointing';
export { ReadOutStrip } from './ReadOutStrip';
export { isStill } from './stillMouse';
export { useDatesDrag } from './useDatesDrag';
