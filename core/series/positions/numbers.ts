import { areBareYears, writeWhole } from '../../labels';
import { placesWithFigures, type PositionsKind } from './positions';

/** The figures of a column, each where it stands on its scale. */
export const numbers: PositionsKind = {
  axis: 'numbers',
  skipsOthers: true,
  lay: ({ drawn }) => {
    const places = placesWithFigures(drawn);
    const years = areBareYears(places);
    const last = places.length - 1;
    // A scale of one figure must be wider than nothing.
    const edge = ((places[last] ?? 1) - (places[0] ?? 0)) * 0.01 || 1;
    return places.map((number, at) => ({
      start: number,
      next: at === last ? number + edge : number,
      middle: number,
      open: false,
      label: years ? String(number) : writeWhole(number),
    }));
  },
};
