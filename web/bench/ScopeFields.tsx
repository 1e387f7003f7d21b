import { Checkbox } from 'antd';
import { plainScope, type Scope, scopePeriods } from '../../core/yardsticks';
import { NumberField, SelectField } from '../controls';

const periodWords: Record<Scope['periods'], string> = {
  shown: 'all finished periods shown',
  last: 'the last few finished periods',
  thisYear: 'the finished periods of this fiscal year',
  all: 'all finished periods there are, shown or not',
};

interface ScopeFieldsProps {
  scope: Scope | undefined;
  /** lines stand in several panels */
  panels: boolean;
  onChange: (scope: Scope) => void;
}

/** Over which figures a statistic is found. */
export function ScopeFields({ scope = plainScope, panels, onChange }: ScopeFieldsProps) {
  return (
    <>
      <SelectField
        label="Over"
        value={scope.periods}
        onChange={(periods) => onChange({ ...scope, periods })}
        options={scopePeriods.map((value) => ({ value, label: periodWords[value] }))}
      />
      {scope.periods === 'last' && (
        <NumberField
          label="How many periods"
          value={scope.count}
          min={1}
          max={4000}
          whole
          onChange={(count) => onChange({ ...scope, count })}
        />
      )}
      <Checkbox
        checked={scope.unfiltered === true}
        onChange={({ target }) => {
          const { unfiltered: _before, ...rest } = scope;
          onChange(target.checked ? { ...rest, unfiltered: true } : rest);
        }}
      >
        Whatever readers filter for themselves
      </Checkbox>
      {panels && (
        <Checkbox
          checked={scope.per === 'chart'}
          onChange={({ target }) => onChange({ ...scope, per: target.checked ? 'chart' : 'panel' })}
        >
          Of all panels together
        </Checkbox>
      )}
    </>
  );
}
