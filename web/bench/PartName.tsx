import { Input } from 'antd';
import { useId, useState } from 'react';
import { type ChartDefinition, longestName, namedAlready, type Part } from '../../core/chart';
import { withRenamed } from '../../core/editing';
import { useChange } from './useBench';

interface PartNameProps {
  chart: ChartDefinition;
  part: Part;
  value: string;
}

/**
 * What a part of the chart is called; whatever names it follows. A name that another part has is not
 * taken, and what it had before stays until there is one of its own.
 */
export function PartName({ chart, part, value }: PartNameProps) {
  const change = useChange();
  const [refused, setRefused] = useState<string | null>(null);
  const problem = useId();
  const write = (name: string) => {
    if (name.trim() === '' || namedAlready(chart, name, part)) return setRefused(name);
    setRefused(null);
    change((before) => withRenamed(before, part, name));
  };
  return (
    <label className="field">
      <span>Called</span>
      <Input
        value={refused ?? value}
        aria-label="Called"
        aria-invalid={refused !== null}
        aria-describedby={refused === null ? undefined : problem}
        status={refused === null ? undefined : 'error'}
        maxLength={longestName}
        onChange={(event) => write(event.target.value)}
        onBlur={() => setRefused(null)}
      />
      {refused !== null && (
        <span id={problem} role="alert" className="problem">
          {refused.trim() === ''
            ? `It needs a name, and is called “${value}” until it has another.`
            : `Something else on the chart is called “${refused.trim()}”. It stays “${value}” until it has a name of its own.`}
        </span>
      )}
    </label>
  );
}
