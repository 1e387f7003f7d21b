import type { ChartDefinition, ColourRuleDefinition } from '../chart';
import { offWord } from './compare';
import type { Comparison, ReadRule } from './reading';

/** A line as far as its rules are concerned. */
export interface Ruled {
  id: string;
  definitionId: string;
  comparison: Omit<Comparison, 'caughtBy'> | null;
}

/** Which rule of a series, in the order of the list, catches an on or off judgement. */
export function ruleFor(
  rules: readonly ColourRuleDefinition[],
  definitionId: string,
  judgement: 'on' | 'off' | null,
): ColourRuleDefinition | undefined {
  const when = judgement === 'off' ? 'offMark' : 'onMark';
  return rules.find((rule) => judgement && rule.series === definitionId && rule.when === when);
}

/** Says of each colour rule what it is called and which figures it caught. */
export function readRules(chart: ChartDefinition, lines: readonly Ruled[]): ReadRule[] {
  return chart.colourRules.map((rule) => {
    const own = lines.filter((line) => line.definitionId === rule.series);
    const compared = own.flatMap(({ id, comparison }) => (comparison ? [{ id, comparison }] : []));
    const judged = compared.flatMap(({ id, comparison }) =>
      comparison.judgements.flatMap((judgement, period) =>
        judgement ? [{ series: id, period, judgement }] : [],
      ),
    );
    const caught = judged
      .filter(({ judgement }) => ruleFor(chart.colourRules, rule.series, judgement) === rule)
      .map(({ series, period }) => ({ series, period }));
    const name = ruleName(rule, compared[0]?.comparison);
    return {
      ...rule,
      name,
      caught,
      judged: judged.length,
      warning: warn(chart, rule, caught.length, judged.length),
    };
  });
}

function ruleName(
  { when }: ColourRuleDefinition,
  comparison: Omit<Comparison, 'caughtBy'> | undefined,
): string {
  if (!comparison) return when === 'offMark' ? 'Off the mark' : 'On the mark';
  const { good, markName } = comparison;
  const off = offWord(good);
  const onSide = off === 'under' ? 'On or over' : 'On or under';
  return when === 'offMark'
    ? `${off === 'under' ? 'Under' : 'Over'} ${markName}`
    : `${onSide} ${markName}`;
}

function warn(chart: ChartDefinition, rule: ColourRuleDefinition, caught: number, judged: number) {
  const series = chart.series.find(({ id }) => id === rule.series);
  if (!series) return 'Its series is gone.';
  if (!series.mark) return `${series.name} is not held against a mark yet.`;
  if (judged === 0) return 'There is no finished figure to judge.';
  if (caught === 0) return 'Catches no figure.';
  return caught === judged ? 'Catches every figure.' : '';
}
