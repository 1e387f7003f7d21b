import { useMemo } from 'react';
import {
  type ChartDefinition,
  type MarkDefinition,
  type SeriesDefinition,
} from '../../../core/chart';
import { splitAlong, withBudget, withMark } from '../../../core/editing';
import { sourceOfFigures } from '../../../core/origins';
import type { Entry } from '../../../core/sentences';
import { goodSide, markSaid, partOfChart } from '../../../core/text';
import { heldAs } from '../../../core/yardsticks';
import { api } from '../../api';
import {
  MoreOf,
  Offered,
  SaidPhrases,
  SettingControl,
  SettingField,
  Speaking,
  useAbout,
} from '../../sentences';
import { useChange } from '../useBench';
import { Act } from '../../controls';

interface AgainstProps {
  chart: ChartDefinition;
  main: SeriesDefinition;
  /** what else can be said of it is offered elsewhere */
  quiet?: boolean;
}

/** What a series is held against, and which side is the good one. */
export function AgainstSetting({ chart, main, quiet }: AgainstProps) {
  const hold = useHold(main.id);
  const about = useMarks(chart, main);
  const budgets = useBudgets(main);
  const { series = [], yardstick = [] } = about.names;
  const marks = [...series, ...yardstick].map(({ id }) => {
    const mark = fitted(chart, { against: String(id), good: 'atLeast' });
    return { label: `to be ${markSaid.print(mark, about.names)}`, take: () => hold(mark) };
  });
  const { mark } = main;
  if (!mark)
    return (
      <Offered
        label={`Hold ${main.name} against`}
        words="held against …"
        offers={() => [...marks, ...budgets]}
      />
    );
  return (
    <Speaking about={about}>
      to be{' '}
      <SaidPhrases
        said={markSaid}
        definition={mark}
        name="Held against"
        quiet={quiet}
        own={{
          good: (label) => <GoodSide {...{ chart, mark, label, onChange: hold }} />,
          against: (label) => (
            <>
              <SettingField
                entry={partOfChart as Entry<unknown>}
                label={label}
                value={mark.against}
                onChange={(against) => hold({ ...mark, against: String(against) })}
              />
              <Act onClick={() => hold(null)}>Hold it against nothing</Act>
            </>
          ),
        }}
        onChange={hold}
      />
    </Speaking>
  );
}

interface GoodSideProps {
  chart: ChartDefinition;
  mark: MarkDefinition;
  label: string;
  onChange: (mark: MarkDefinition) => void;
}

/** The sides that can be good, of what the series is held against. */
function GoodSide({ chart, mark, label, onChange }: GoodSideProps) {
  const setting = goodSide.setting();
  if (setting.control !== 'choice') return null;
  const as = (good: unknown) => ({ ...mark, good: good as MarkDefinition['good'] });
  const choices = setting.choices.filter(([good]) => fitted(chart, as(good)).good === good);
  if (choices.length < 2) return <p className="small quiet">A band is kept within.</p>;
  return (
    <SettingControl
      setting={{ control: 'choice', choices }}
      label={label}
      value={mark.good}
      onChange={(good) => onChange(as(good))}
    />
  );
}

/** What else can be said of what a series is held against. */
export function MoreOfMark({ id, mark }: SeriesDefinition) {
  const hold = useHold(id);
  if (!mark) return null;
  return (
    <MoreOf said={markSaid} definition={mark} name="the mark" words="its mark" onChange={hold} />
  );
}

/** Holds a series against a mark, or against nothing. */
function useHold(id: string) {
  const change = useChange();
  const { source = [] } = useAbout().names;
  return (mark: MarkDefinition | null) =>
    change((before) => splitAlong(withMark(before, id, mark && fitted(before, mark)), id, source));
}

/** A band has two ends and is kept within; all else has a side that is good. */
function fitted({ yardsticks }: ChartDefinition, mark: MarkDefinition): MarkDefinition {
  const held = yardsticks.find(({ id }) => id === mark.against);
  const isBand = held !== undefined && heldAs(held) === 'band';
  const side = mark.good === 'within' ? 'atLeast' : mark.good;
  return { ...mark, good: isBand ? 'within' : side };
}

/** What a series can be held against: the others, unless they are held against it, levels and bands. */
function useMarks({ series, yardsticks }: ChartDefinition, { id: own }: SeriesDefinition) {
  const about = useAbout();
  return useMemo(() => {
    const others = series.filter(({ id, mark }) => id !== own && mark?.against !== own);
    const held = yardsticks.filter((each) => heldAs(each));
    const among =
      (all: readonly { id: string }[], ids = new Set(all.map(({ id }) => id))) =>
      (named: { id: string | number }) =>
        ids.has(String(named.id));
    const names = {
      ...about.names,
      series: about.names.series?.filter(among(others)) ?? [],
      yardstick: about.names.yardstick?.filter(among(held)) ?? [],
    };
    return { ...about, names };
  }, [about, series, yardsticks, own]);
}

/** The columns of sources that can be drawn as a budget or target, which the series is then held against. */
function useBudgets(main: SeriesDefinition) {
  const change = useChange();
  const { data: sources = [] } = api.useSourcesQuery();
  const own = sourceOfFigures(main.figures);
  // Its own source first: what a file has beside its figures is what they are held against.
  const ordered = [...sources].sort((a, b) => Number(b.id === own) - Number(a.id === own));
  return ordered.flatMap((source) =>
    source.columns
      .filter(({ kind }) => kind === 'number')
      .map(({ name }) => ({
        label: `to be at least ${name} in ${source.name}, drawn beside it`,
        take: () =>
          change((before) =>
            splitAlong(withBudget(before, main, source, name), main.id, [
              { id: source.id, columns: source.columns.map((column) => ({ id: column.name })) },
            ]),
          ),
      })),
  );
}
