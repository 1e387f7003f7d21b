import { type Entry, partName } from '../sentences';

const series = partName('series');
const yardstick = partName('yardstick');

/** A series or a yardstick, which both can be what another series is held against. */
export const partOfChart: Entry<string> = {
  print: (id, names) =>
    (names.yardstick ?? []).some((each) => each.id === id)
      ? yardstick.print(id, names)
      : series.print(id, names),
  draft: (about) => series.draft(about),
  fits: (value) => series.fits(value),
  setting: () => ({ control: 'name', of: ['series', 'yardstick'], called: 'held against' }),
  read: (at, reader) => [...series.read(at, reader), ...yardstick.read(at, reader)],
};
