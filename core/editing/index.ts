export {
  draftChart,
  draftRule,
  draftSeries,
  draftStandout,
  freshId,
  nextPlace,
  placeAfter,
  withChanged,
  withMark,
} from './draft';
export { draftRole, type DraftSource, isDrawable } from './draftColumns';
export { withFollowingWords } from './followingWords';
export { continuesTyping } from './continuesTyping';
export { type Hanging, hangingOn, withoutPart } from './hanging';
export { withOwnNames, withRenamed } from './renaming';
export { withFilterTurned } from './turning';
export { withBudget } from './withBudget';
export { splitAlong } from './splitAlong';
export { type NamedRows, namingColumns, seriesOfAll, seriesOfRow, withRow } from './rowSeries';
export { workedOutElsewhere, withWorkedOut } from './workedOut';
export { companionChart } from './companionChart';
