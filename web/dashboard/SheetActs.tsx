import { Act, Menu, type MenuItem } from '../hands';
import type { ChartChanges } from './useChartChanges';
import type { useSheetReplay } from './useSheetReplay';
import type { useZoom } from './useZoom';

/** Something that a reader can do with a chart. */
export interface SheetAct {
  words: string;
  act: () => void;
  /** it is open or on now; missing for what is neither */
  isOn?: boolean;
}

interface SheetActsProps {
  title: string;
  acts: readonly SheetAct[];
  /** what its authors can do with it */
  more: readonly MenuItem[];
  /** the list of it is about to be read */
  onOpen?: () => void;
}

/** What can be done with a chart, in room of its own beside its title. */
export function SheetActs({ title, acts, more, onOpen }: SheetActsProps) {
  return (
    <div className="chart-acts">
      {acts.map(({ words, act, isOn }) => (
        <Act key={words} aria-label={`${words}: ${title}`} aria-pressed={isOn} onClick={act}>
          {words}
        </Act>
      ))}
      {more.length > 0 && (
        <Menu label={`Change ${title}`} items={more} onOpen={onOpen}>
          Change
        </Menu>
      )}
    </div>
  );
}

/** All of it as one list, for where it lies behind one word. */
const inOneList = (acts: readonly SheetAct[], more: readonly MenuItem[]): MenuItem[] => [
  ...acts.map(({ words, act, isOn }) => ({ label: isOn ? `${words}: no more` : words, act })),
  ...more,
];

interface Doable {
  /** null until there are any */
  figures: { isOn: boolean; toggle: () => void } | null;
  zoom: ReturnType<typeof useZoom>;
  replay: ReturnType<typeof useSheetReplay>;
  /** writes a note on the whole chart; missing for those who may not */
  noteOnAll?: () => void;
  /** what its authors can do with it; missing for readers */
  changes?: ChartChanges;
}

/** What can be done with a chart as it stands: in words, and behind the word for its authors. */
export function sheetActs({ figures, zoom, replay, noteOnAll, changes }: Doable) {
  const note = noteOnAll && { label: 'Write a note on the chart', act: noteOnAll };
  const doable: SheetAct[] = [
    ...(figures ? [{ words: 'Figures', act: figures.toggle, isOn: figures.isOn }] : []),
    ...(zoom.toggle ? [{ words: 'Closer', act: zoom.toggle, isOn: zoom.isOpen }] : []),
    ...(replay.begin ? [{ words: 'Replay', act: replay.begin }] : []),
    ...(noteOnAll && !changes ? [{ words: 'Note', act: noteOnAll }] : []),
  ];
  const [first, ...further] = changes?.items ?? [];
  const more = first ? [first, ...(note ? [note] : []), ...further] : [];
  return { doable, more, all: inOneList(doable, more) };
}
