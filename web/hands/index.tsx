import './hands.css';
import { later } from './later';

/** Beside its words a choice has its edges and its arrow, in pixels. */
const aroundWords = 48;
const ofLetter = 7.6;

const widthOf = (options: readonly { label: string }[]): number =>
  Math.round(aroundWords + ofLetter * Math.max(...options.map(({ label }) => label.length)));

const Chosen = later('Choice', ({ width }) => ({ width }));

type ChoiceProps = Omit<Parameters<typeof Chosen>[0], 'width'>;

/** One of few. */
export const Choice = (props: ChoiceProps) => <Chosen {...props} width={widthOf(props.options)} />;

/** A number along a range. */
export const Range = later('Range', () => ({ width: 140, margin: '0 8px' }));

/** A day. */
export const DayField = later('DayField', () => ({ width: 136 }));

/** What holds or does not. */
export const Tick = later('Tick', () => ({ width: 130 }));
