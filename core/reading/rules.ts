import type { Colour, ColourRuleDefinition, DrawnChart } from '../chart';
import { conditionKind, sayCondition, testCondition } from '../conditions';
import { type ConditionsOf, namesFor } from './conditions';
import { cuesOf, plainCue } from './cues';
import type { Comparison, Reading, ReadRule, ReadSeries } from './reading';
import { isLeftOpen, type LineRule } from '../rules';

/** What a line is called by: its word among those of its series, or its name. */
interface Called {
  seriesId: string;
  key: string;
  name: string;
}

/** Whether a rule holds for a line: for all of its series, or for one of them. */
const isOf = ({ series, only }: ColourRuleDefinition, { seriesId, key, name }: Called) =>
  series === seriesId && (only === undefined || only === key || only === name);

/** The rules of a series with what they test of one of its lines, in the order of the list. */
export function rulesOf(
  chart: Pick<DrawnChart, 'colourRules'>,
  line: Parameters<ConditionsOf>[0] & Called,
  conditionsOf: ConditionsOf,
): (LineRule & { rule: ColourRuleDefinition })[] {
  const own = chart.colourRules.filter((rule) => isOf(rule, line));
  if (own.length === 0) return [];
  const context = conditionsOf(line);
  return own.map((rule) => ({ id: rule.id, rule, test: testCondition(rule.condition, context) }));
}

/** A line as far as its rules are concerned. */
export interface Ruled extends Called {
  figures: readonly (number | null)[];
  open: readonly boolean[];
  comparison: Pick<Comparison, 'toDate'> | null;
  caughtBy: readonly (string | null)[];
  /** by rule: how many figures meet it, caught by an earlier one or not */
  met: ReadonlyMap<string, number>;
}

/** Says of each colour rule what it is called and how many figures it caught. */
export function readRules(chart: DrawnChart, lines: readonly Ruled[]): ReadRule[] {
  const cues = new Map(
    chart.series.flatMap(({ id }) => [
      ...cuesOf(chart.colourRules.filter(({ series }) => series === id)),
    ]),
  );
  return chart.colourRules.map((rule) => {
    const own = lines.filter((line) => isOf(rule, line));
    let [caught, judged, met] = [0, 0, 0];
    for (const { figures, open, caughtBy, met: meets, comparison } of own) {
      const line = { open, openJudged: comparison?.toDate?.place };
      met += meets.get(rule.id) ?? 0;
      for (let place = 0; place < figures.length; place += 1) {
        if (figures[place] == null || isLeftOpen(line, place)) continue;
        judged += 1;
        if (caughtBy[place] === rule.id) caught += 1;
      }
    }
    const said = sayCondition(rule.condition, namesFor(chart, rule.series));
    return {
      ...rule,
      name: rule.name || said.charAt(0).toUpperCase() + said.slice(1),
      caught,
      judged,
      cue: cues.get(rule.id) ?? plainCue,
      warning: warn(chart, rule, { lines: own.length, caught, judged, met }),
    };
  });
}

function warn(
  chart: DrawnChart,
  { series: of, condition, only }: ColourRuleDefinition,
  { lines, caught, judged, met }: { lines: number; caught: number; judged: number; met: number },
): string {
  const series = chart.series.find(({ id }) => id === of);
  if (!series) return 'Its series is gone.';
  if (!series.mark && conditionKind(condition).byMark)
    return `${series.name} is not held against a mark yet.`;
  if (lines === 0) return `No line of ${series.name} is called “${only}”.`;
  if (judged === 0) return 'There is no finished figure to judge.';
  if (caught === 0 && met > 0)
    return 'Hidden behind an earlier rule, which catches all of its figures.';
  if (caught === 0) return 'Catches no figure.';
  return caught === judged ? 'Catches every figure.' : '';
}

/**
 * The figures that a colour rule caught, in the order of the lines.
 * @param reading of the chart
 * @param rule the id of the rule
 * @returns the id of each line and the place along the axis
 */
export function figuresCaught(
  { panels }: Pick<Reading, 'panels'>,
  rule: string,
): { series: string; period: number }[] {
  const series = panels.flatMap((panel) => panel.series);
  return series.flatMap(({ id, caughtBy }) =>
    caughtBy.flatMap((caught, period) => (caught === rule ? [{ series: id, period }] : [])),
  );
}

/** The colours that a line is drawn in, its own first while a part of it is drawn so. */
export function coloursWorn(
  { pieces, stroke, seriesId }: Pick<ReadSeries, 'pieces' | 'stroke' | 'seriesId'>,
  reading: Pick<Reading, 'rules'>,
): Colour[] {
  const given = coloursCaught(reading, seriesId).filter((colour) => colour !== stroke.colour);
  // Of a line that is judged, what cannot be is drawn apart from the colours that judge.
  if (given.length === 0) return [pieces[0]?.colour ?? stroke.colour];
  const own = pieces.some(({ colour }) => colour === stroke.colour);
  return own ? [stroke.colour, ...given] : given;
}

/** The colours that rules give to a series, of those that catch a figure, in the order of the list. */
const coloursCaught = ({ rules }: Pick<Reading, 'rules'>, series: string) =>
  rules
    .filter((rule) => rule.series === series && rule.caught > 0)
    .flatMap(({ colour }) => colour ?? []);
