import { choice, said, Sentence } from '../sentences';
import { boolean, mixed, object } from 'yup';
import type { ArrangementKind, Line } from './arrangement';

/** A panel for each word of the split; what is not split stands in each of them. */
export interface Panels {
  kind: 'panels';
  shape: 'row' | 'grid' | 'stack';
  ownAxes: boolean;
}

export const panels: ArrangementKind<Panels> = {
  kind: 'panels',
  sentence: Sentence.of<Panels>({ kind: 'panels' })
    .slot(
      'shape',
      choice({
        row: 'in panels side by side',
        grid: 'in panels in a grid',
        stack: 'in panels one above the other',
      }),
    )
    .option('ownAxes', false, said(true, 'each on its own value axis')),
  schema: () =>
    object({
      kind: mixed<'panels'>().oneOf(['panels']).required(),
      shape: mixed<Panels['shape']>().oneOf(['row', 'grid', 'stack']).required(),
      ownAxes: boolean().required(),
    }),
  coloursBy: 'series',
  panels: ({ shape, ownAxes }) => ({ shape, ownAxes }),
  arrange: ({ periods, lines }) => {
    const keys = [...new Set(lines.filter(({ split }) => split).map(({ key }) => key))];
    const inPanel = <L extends Line>(all: readonly L[], key: string) =>
      all.filter((line) => !line.split || line.key === key);
    return {
      axis: null,
      positions: [...periods],
      panels:
        keys.length === 0
          ? [{ key: '', title: '', lines: [...lines] }]
          : keys.map((key) => ({ key, title: key || 'blank', lines: inPanel(lines, key) })),
      described: keys.length > 1 ? `${keys.length} panels` : '',
    };
  },
};
