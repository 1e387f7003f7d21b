import type { ChartDefinition } from '../../core/chart';
import type { RecordedDate, RecordedDates } from '../../core/yardsticks';
import type { Database } from '../database';
import type { FigureReader } from './figureReader';
import { columnNamed } from './versionColumns';
import { versionColumns } from './versions';

/**
 * The dates that yardsticks take from sources, by yardstick; none where the source or its column is
 * gone.
 * @param reader who finds them, and whose line they wait in
 * @param versions those that the chart's sources stand on, by source
 */
export async function recordedDates(
  database: Database,
  { figures, asker }: { figures: FigureReader; asker: string },
  { yardsticks }: Pick<ChartDefinition, 'yardsticks'>,
  versions: ReadonlyMap<number, number | null>,
): Promise<RecordedDates> {
  const found: Record<string, RecordedDate[]> = {};
  for (const yardstick of yardsticks) {
    if (yardstick.kind !== 'recorded' || yardstick.sourceId === null) continue;
    const versionId = versions.get(yardstick.sourceId);
    const version = versionId ? await versionColumns(database, versionId) : null;
    if (!version) continue;
    const date = columnNamed(version, yardstick.date);
    const label = columnNamed(version, yardstick.label).place;
    const question = { kind: 'dates' as const, date: date.place, label };
    found[yardstick.id] =
      date.stored?.kind === 'date' ? await figures.find(asker, version, question) : [];
  }
  return found;
}
