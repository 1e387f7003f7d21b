import { Checkbox } from 'antd';
import { type ChartDefinition, labelParts, type StandoutDefinition } from '../../../core/chart';
import { namesFor } from '../../../core/reading';
import {
  pickKind,
  pickKinds,
  type PickScope,
  pickScopes,
  type Ties,
  ties,
} from '../../../core/standouts';
import { Phrase, SelectField } from '../../controls';
import { ColourField } from '../fields';
import { Remove, usePart } from '../usePart';
import { SettingField } from './ConditionFields';

const scopeWords: Record<PickScope, string> = {
  series: 'among all its lines',
  line: 'of each of its lines',
  year: 'of each year',
};

const tieWords: Record<Ties, string> = {
  all: 'all of equal ones',
  first: 'the first of equal ones',
  last: 'the last of equal ones',
};

const partWords: Record<StandoutDefinition['label'][number], string> = {
  value: 'its figure',
  date: 'its period',
  name: 'the name of its line',
  difference: 'the difference from the mark',
};

interface StandoutSentenceProps {
  chart: ChartDefinition;
  standout: StandoutDefinition;
}

/** A standout as a sentence: which points, of what, and what is written beside them. */
export function StandoutSentence({ chart, standout }: StandoutSentenceProps) {
  const { set, remove } = usePart('standouts', standout.id);
  const { pick, label } = standout;
  const kind = pickKind(pick);
  const series = chart.series.find(({ id }) => id === standout.series);
  return (
    <>
      <p className="row-sentence">
        The{' '}
        <Phrase words={kind.say(pick, namesFor(chart, standout.series))} label="Picks out">
          <PickFields {...{ chart, standout }} onChange={set} />
        </Phrase>{' '}
        of{' '}
        <Phrase words={series?.name ?? 'a series that is gone'} label="Standout of">
          <SelectField
            label="of"
            name="Standout of"
            value={standout.series}
            onChange={(of) => set({ ...standout, series: of })}
            options={chart.series.map(({ id, name }) => ({ value: id, label: name }))}
          />
        </Phrase>
        ,{' '}
        <Phrase words={scopeWords[standout.per]} label="Looked for">
          <SelectField
            label="Looked for"
            value={standout.per}
            onChange={(per) => set({ ...standout, per })}
            options={pickScopes.map((value) => ({ value, label: scopeWords[value] }))}
          />
        </Phrase>
        {kind.extreme && (
          <>
            ,{' '}
            <Phrase words={tieWords[standout.ties]} label="Ties">
              <SelectField
                label="Of equal ones"
                value={standout.ties}
                onChange={(kept) => set({ ...standout, ties: kept })}
                options={ties.map((value) => ({ value, label: tieWords[value] }))}
              />
            </Phrase>
          </>
        )}
        , labelled with{' '}
        <Phrase words={label.map((part) => partWords[part]).join(', ') || 'nothing'} label="Label">
          {labelParts.map((part) => (
            <Checkbox
              key={part}
              checked={label.includes(part)}
              onChange={({ target }) =>
                set({
                  ...standout,
                  label: labelParts.filter((each) =>
                    each === part ? target.checked : label.includes(each),
                  ),
                })
              }
            >
              {partWords[part]}
            </Checkbox>
          ))}
        </Phrase>
        , in{' '}
        <Phrase words={standout.colour ?? 'ink'} label="Colour of it">
          <ColourField
            value={standout.colour ?? 'ink'}
            onChange={(colour) => set({ ...standout, colour: colour === 'ink' ? null : colour })}
          />
        </Phrase>
        .
      </p>
      <Remove name="the standout" onRemove={remove} />
    </>
  );
}

function PickFields({
  chart,
  standout,
  onChange,
}: StandoutSentenceProps & { onChange: (standout: StandoutDefinition) => void }) {
  const { pick } = standout;
  const set = (next: StandoutDefinition['pick']) => onChange({ ...standout, pick: next });
  return (
    <>
      <SelectField
        label="Picks out"
        value={pick.kind}
        onChange={(kind) => set(pickKind({ kind }).draft())}
        options={pickKinds.map(({ kind, name }) => ({ value: kind, label: name }))}
      />
      {pickKind(pick).settings.map((setting) => (
        <SettingField
          key={setting.name}
          {...{ chart, setting, series: standout.series, definition: pick, onChange: set }}
        />
      ))}
    </>
  );
}
