import { writeDay } from '../../labels';
import { mostPeriods } from './periods';
import { completeTo, placesWithFigures, type PositionsKind } from './positions';

/** The dates as they were recorded, however far apart: irregular checkpoints. */
export const recorded: PositionsKind = {
  axis: 'calendar',
  skipsOthers: true,
  lay: ({ drawn, today, style }) => {
    const complete = completeTo(drawn);
    return placesWithFigures(drawn)
      .slice(0, mostPeriods)
      .map((day) => ({
        start: day,
        next: day + 1,
        middle: day + 0.5,
        open: day >= today || day > complete,
        label: writeDay(day, style?.dates),
      }));
  },
};
