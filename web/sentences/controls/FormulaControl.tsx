import { FormulaField } from '../FormulaField';
import { useAbout } from '../about';
import type { ControlProps } from './control';

/** A formula over what it can name: of dials those that stand at a number. */
export function FormulaControl({ setting, value, onChange }: ControlProps<'formula'>) {
  const { names } = useAbout();
  const known = setting.of
    .flatMap((of) => names[of] ?? [])
    .filter(({ kind }) => kind === undefined || kind === 'number');
  return (
    <FormulaField text={String(value)} names={known.map(({ name }) => name)} onChange={onChange} />
  );
}
