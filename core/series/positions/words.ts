import { placesWithFigures, type PositionsKind } from './positions';

/** The words of a column in their order, each as far from the next. */
export const words: PositionsKind = {
  axis: 'words',
  skipsOthers: false,
  lay: ({ drawn }) => {
    const names = new Map(
      drawn.flatMap(({ frame }) =>
        frame.periods.map((number, at) => [number, String(frame.axisPlaces?.[at] ?? '')] as const),
      ),
    );
    return placesWithFigures(drawn).map((number) => ({
      start: number,
      next: number + 1,
      middle: number + 0.5,
      open: false,
      label: names.get(number) ?? '',
    }));
  },
};
