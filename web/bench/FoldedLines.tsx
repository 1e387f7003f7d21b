import { Input } from 'antd';
import { useState } from 'react';
import { writeFigure } from '../../core/labels';
import { coloursWorn, type Reading, type ReadSeries } from '../../core/reading';
import { Act } from '../controls';
import { StrokeSample } from '../look';
import { type Highlight, isLit, isMore } from '../picture';

interface FoldedLinesProps {
  /** what they are lines of */
  name: string;
  lines: readonly ReadSeries[];
  reading: Reading;
  highlight: Highlight;
  onToggle: (line: string, more: boolean) => void;
}

/** The lines of a split that are too many to stand in the list: found by their names, pressed to highlight. */
export function FoldedLines({ name, lines, reading, highlight, onToggle }: FoldedLinesProps) {
  const [sought, setSought] = useState('');
  const wanted = sought.trim().toLocaleLowerCase();
  const found = lines.filter((line) => line.name.toLocaleLowerCase().includes(wanted));
  return (
    <section className="folded-lines" aria-label={`Lines of ${name}`}>
      <Input
        aria-label={`Find a line of ${name}`}
        placeholder="Find a line"
        value={sought}
        onChange={({ target }) => setSought(target.value)}
      />
      <p className="quiet small" role="status">
        {found.length === lines.length
          ? `${lines.length} lines`
          : `${found.length} of ${lines.length} lines`}
      </p>
      <ul>
        {found.map((line) => (
          <li key={line.id}>
            <Act
              className="folded-line"
              aria-pressed={isLit(highlight, line.id)}
              onClick={(event) => onToggle(line.id, isMore(event))}
            >
              <StrokeSample stroke={line.stroke} rules={coloursWorn(line, reading)} />
              <span className="grow">{line.name}</span>
              <span>
                {line.last === null ? '' : writeFigure(line.figures[line.last] ?? 0, line.format)}
              </span>
            </Act>
          </li>
        ))}
      </ul>
    </section>
  );
}
