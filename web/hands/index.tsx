import { later } from './later';
import { dayWidth, roomOf, wordsOf } from './room';

export type { MenuItem } from '../controls';
export { sayByLibrary } from './later';
export { expectPictures, sayPictured } from './pictured';
export { giveVoice, toast, toastUndo } from './toast';

/** Beside its words a choice has its edges and its arrow, in pixels. */
const aroundWords = 48;
const ofLetter = 7.6;

const widthOf = (options: readonly { label: string }[]): number =>
  Math.round(aroundWords + ofLetter * Math.max(...options.map(({ label }) => label.length)));

const Chosen = later('Choice', ({ width }) => roomOf({ width }));

type ChoiceProps = Omit<Parameters<typeof Chosen>[0], 'width'>;

/** One of few. */
export const Choice = (props: ChoiceProps) => <Chosen {...props} width={widthOf(props.options)} />;

const ChosenOfSeveral = later('Several', ({ width }) => roomOf({ width }));

type SeveralProps = Omit<Parameters<typeof ChosenOfSeveral>[0], 'width'>;

/** Some of few. */
export const Several = (props: SeveralProps) => (
  <ChosenOfSeveral {...props} width={Math.max(180, widthOf(props.options) + 60)} />
);

/** A number that is typed. */
export const TypedNumber = later('TypedNumber', () => roomOf({ width: 92 }));

/** Two days, or either. */
export const DaysField = later('DaysField', () => roomOf({ width: 2 * dayWidth + 90 }));

/** One of very few, all of which are seen. */
export const Segments = later('Segments', () => roomOf({ display: 'block', height: 24 }));

/** A number along a range. */
export const Range = later('Range', () => roomOf({ width: 140, height: 12, margin: '0 8px' }));

/** A day. */
export const DayField = later('DayField', () => roomOf({ width: dayWidth }));

/** What holds or does not. */
export const Tick = later('Tick', () => roomOf({ width: 130 }));

/** A title that is written in its own place. */
export const TitleField = later('TitleField', () => roomOf({ width: 320 }));

/** What can be done, in its words alone. */
export const Act = later('Act', ({ className = '', children }) =>
  wordsOf(`act-words ${className}`, children),
);

/** A button that stands for itself. */
export const Button = later('Button', ({ children }) => wordsOf('button-words', children));

/** A button that opens a menu. */
export const Menu = later('Menu', ({ button, className = '', children }) =>
  wordsOf(button ? 'button-words' : `act-words ${className}`, children),
);

/** What an empty list says: that it is empty, and what to do next. */
export const Empty = later('Empty', () => roomOf({ height: 240 }));

/** A sheet that comes in from the right, over the page. */
export const SidePanel = later('SidePanel', () => null);

/** What is read by few stands folded under its title. */
export const Disclosure = later('Disclosure', () => roomOf({ height: 24 }));
