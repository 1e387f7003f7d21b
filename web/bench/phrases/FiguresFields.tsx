import type { ComponentType } from 'react';
import { draftSeries } from '../../../core/editing';
import {
  type FiguresDefinition,
  figuresEntry,
  originKind,
  originKinds,
  rowsOf,
  sourceOfFigures,
} from '../../../core/origins';
import type { Entry } from '../../../core/sentences';
import { api } from '../../api';
import { SelectField } from '../../controls';
import { originFields, type OriginFieldsProps } from '../origins';
import { RowsCounted } from './RowsCounted';
import { SettingField } from '../sentences';
import type { SeriesPhraseProps } from '../seriesPhrase';

/** Where a series' figures come from, and which rows they count. */
export function FiguresFields(props: SeriesPhraseProps & { live?: string }) {
  const { series, onChange } = props;
  const { figures } = series;
  const { data: sources } = api.useSourcesQuery();
  const become = (kind: FiguresDefinition['kind']) => {
    const own = sourceOfFigures(figures);
    const source = sources?.find(({ id }) => id === own) ?? sources?.[0];
    const rows = source ? rowsOf(draftSeries(source, series.id, series.role).figures) : null;
    const drafted = originKind({ kind }).draft({ rows, sourceId: source?.id ?? 1 });
    onChange({ figures: drafted ?? figures, split: null });
  };
  const Fields = originFields[figures.kind] as
    ComponentType<OriginFieldsProps<FiguresDefinition['kind']>> | undefined;
  return (
    <>
      <SelectField
        label="Its figures are"
        value={figures.kind}
        onChange={become}
        options={originKinds.map(({ kind, name }) => ({ value: kind, label: name }))}
      />
      {Fields ? (
        <Fields {...props} figures={figures} />
      ) : (
        <SettingField
          entry={figuresEntry as Entry<unknown>}
          label="As"
          value={figures}
          onChange={(next) => onChange({ figures: next as FiguresDefinition })}
        />
      )}
      <RowsCounted {...props} />
    </>
  );
}
