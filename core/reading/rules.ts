import type { ColourRuleDefinition, DrawnChart } from '../chart';
import type { Comparison, Reading, ReadRule } from './reading';

/** A line as far as its rules are concerned. */
export interface Ruled {
  seriesId: string;
  comparison: Omit<Comparison, 'caughtBy'> | null;
}

/** Which rule of a series, in the order of the list, catches an on or off judgement. */
export function ruleFor(
  rules: readonly ColourRuleDefinition[],
  seriesId: string,
  judgement: 'on' | 'off' | null,
): ColourRuleDefinition | undefined {
  const when = judgement === 'off' ? 'offMark' : 'onMark';
  return rules.find((rule) => judgement && rule.series === seriesId && rule.when === when);
}

/** Says of each colour rule what it is called and which figures it caught. */
export function readRules(chart: DrawnChart, lines: readonly Ruled[]): ReadRule[] {
  return chart.colourRules.map((rule) => {
    const own = lines.filter((line) => line.seriesId === rule.series);
    const compared = own.flatMap(({ comparison }) => comparison ?? []);
    const catches = (['on', 'off'] as const).filter(
      (judgement) => ruleFor(chart.colourRules, rule.series, judgement) === rule,
    );
    let caught = 0;
    let judged = 0;
    for (const { judgements } of compared)
      for (const judgement of judgements) {
        if (judgement === null) continue;
        judged += 1;
        if (catches.includes(judgement)) caught += 1;
      }
    const name = ruleName(rule, compared[0]);
    return {
      ...rule,
      name,
      caught,
      judged,
      warning: warn(chart, rule, caught, judged),
    };
  });
}

function ruleName(
  { when }: ColourRuleDefinition,
  comparison: Omit<Comparison, 'caughtBy'> | undefined,
): string {
  if (!comparison) return when === 'offMark' ? 'Off the mark' : 'On the mark';
  const { good, markName } = comparison;
  const words = {
    atLeast: { offMark: 'Under', onMark: 'On or over' },
    atMost: { offMark: 'Over', onMark: 'On or under' },
    within: { offMark: 'Outside', onMark: 'Within' },
  };
  return `${words[good][when]} ${markName}`;
}

function warn(chart: DrawnChart, rule: ColourRuleDefinition, caught: number, judged: number) {
  const series = chart.series.find(({ id }) => id === rule.series);
  if (!series) return 'Its series is gone.';
  if (!series.mark) return `${series.name} is not held against a mark yet.`;
  if (judged === 0) return 'There is no finished figure to judge.';
  if (caught === 0) return 'Catches no figure.';
  return caught === judged ? 'Catches every figure.' : '';
}

/** The figures that a colour rule caught, in the order of the lines. */
export function figuresCaught(
  { panels }: Pick<Reading, 'panels'>,
  rule: string,
): { series: string; period: number }[] {
  const series = panels.flatMap((panel) => panel.series);
  return series.flatMap(({ id, comparison }) =>
    (comparison?.caughtBy ?? []).flatMap((caughtBy, period) =>
      caughtBy === rule ? [{ series: id, period }] : [],
    ),
  );
}
