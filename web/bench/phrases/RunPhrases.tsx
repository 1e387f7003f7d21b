import { Radio } from 'antd';
import { type Role, roles, roleWords } from '../../../core/chart';
import { gapKind, gapKinds, type GapTreatment } from '../../../core/gaps';
import { Phrase, SelectField } from '../../controls';
import type { SeriesPhraseProps } from '../seriesPhrase';

/** What a series stands for. */
export function RolePhrase({ series, onChange }: SeriesPhraseProps) {
  return (
    <Phrase words={roleWords[series.role]} label="Stands for">
      <Radio.Group
        value={series.role}
        aria-label="Stands for"
        onChange={(event) => onChange({ role: event.target.value as Role })}
        options={roles.map((role) => ({ value: role, label: roleWords[role] }))}
        vertical
      />
    </Phrase>
  );
}

/** How periods without a figure are drawn. */
export function GapPhrase({ series, onChange }: SeriesPhraseProps) {
  return (
    <Phrase words={gapKind(series.gap).words} label="Gaps">
      <Radio.Group
        value={series.gap}
        aria-label="Gaps"
        onChange={(event) => onChange({ gap: event.target.value as GapTreatment })}
        options={gapKinds.map(({ kind, words }) => ({ value: kind, label: words }))}
        vertical
      />
    </Phrase>
  );
}

/** Which series takes over after the last finished period. */
export function HandoverPhrase({ chart, series, onChange }: SeriesPhraseProps) {
  const others = chart.series.filter(
    ({ id, handover }) => id !== series.id && handover !== series.id,
  );
  const taker = others.find(({ id }) => id === series.handover);
  return (
    <Phrase words={taker?.name ?? 'nothing'} label="Hands over to">
      <SelectField
        label="After the last finished period, hands over to"
        name="Hands over to"
        value={taker?.id ?? ''}
        onChange={(id) => onChange({ handover: id || null })}
        options={[
          { value: '', label: 'nothing' },
          ...others.map(({ id, name }) => ({ value: id, label: name })),
        ]}
      />
    </Phrase>
  );
}
