import { groupsOf, linesOf, type Reading } from '../../core/reading';
import { type Highlight, noHighlight } from '../picture';
import { Act } from '../hands';

interface LineGroupsProps {
  reading: Reading;
  highlight: Highlight;
  onHighlight: (highlight: Highlight) => void;
}

/** Highlights all lines of a category at once: those that share a colour. */
export function LineGroups({ reading, highlight, onHighlight }: LineGroupsProps) {
  const groups = groupsOf(linesOf(reading));
  if (groups.length === 0) return null;
  return (
    <div className="grain-choice small" role="group" aria-label="Highlight all of">
      <span className="quiet">All of</span>
      {groups.map(({ word, lines }) => {
        const lit =
          lines.length === highlight.length && lines.every((id) => highlight.includes(id));
        return (
          <Act key={word} aria-pressed={lit} onClick={() => onHighlight(lit ? noHighlight : lines)}>
            {word || 'blank'}
          </Act>
        );
      })}
    </div>
  );
}
