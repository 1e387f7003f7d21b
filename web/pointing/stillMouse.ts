/** Where the mouse was last moved to, in pixels of the window. */
let last = { x: NaN, y: NaN };

// After the charts have seen the movement.
if (typeof window !== 'undefined')
  window.addEventListener('pointermove', ({ pointerType, clientX, clientY }) => {
    if (pointerType === 'mouse') last = { x: clientX, y: clientY };
  });

/** Whether the page has moved under a mouse that stands still: that points at nothing new. */
export const isStill = ({
  pointerType,
  clientX,
  clientY,
}: Pick<PointerEvent, 'pointerType' | 'clientX' | 'clientY'>): boolean =>
  pointerType === 'mouse' && clientX === last.x && clientY === last.y;
