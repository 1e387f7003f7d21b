import { type SeriesDefinition } from '../../../core/chart';
import { derivedKind, derivedKinds } from '../../../core/derived';
import { Phrase, SelectField } from '../../controls';
import { KindFields } from './KindFields';
import type { SeriesPhraseProps } from '../seriesPhrase';

/** What a series' figures are turned into before they are drawn. */
export function DerivedPhrase({ series, onChange }: SeriesPhraseProps) {
  const { derived } = series;
  const choose = (kind: string) =>
    onChange({
      derived: derivedKinds.find((each) => each.kind === kind)?.draft ?? null,
    } satisfies Partial<SeriesDefinition>);
  return (
    <Phrase words={derived ? derivedKind(derived).say(derived) : 'as they are'} label="Drawn">
      <SelectField
        label="Drawn"
        value={derived?.kind ?? ''}
        onChange={choose}
        options={[
          { value: '', label: 'as they are' },
          ...derivedKinds.map(({ kind, name }) => ({ value: kind, label: `as ${name}` })),
        ]}
      />
      {derived && (
        <KindFields
          definition={derived}
          settings={derivedKind(derived).settings}
          onChange={(next) => onChange({ derived: next })}
        />
      )}
    </Phrase>
  );
}
