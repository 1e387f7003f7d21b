import type { DeliveryMode, EarlierChange } from '../../contract';
import type { Database } from '../database';
import { engines } from '../engine';
import { settings } from '../settings';
import {
  appendRows,
  type BothSides,
  checkKinds,
  filesOf,
  keyReader,
  layBothSides,
  mergeTables,
  type PackedTable,
  packTable,
  rowByRow,
  type StorableTable,
  type TypedTable,
  updateLarge,
  type VersionRows,
} from '../sources';
import { columnChanges, type RowChanges } from './changes';
import { compareTables } from './compare';
import { lookAtEarlier } from './earlier';
import { compareLarge } from './large/compareLarge';
import { earlierLarge } from './large/earlierLarge';

type Keys = readonly string[];

/** What becomes of delivered rows beside those that a source has. */
export interface Against {
  /** What they would change; keys of null are looked for. */
  compare(mode: DeliveryMode, keys: Keys | null): Promise<RowChanges>;
  /** What charts would make of it. */
  earlier(mode: DeliveryMode, keys: Keys): Promise<EarlierChange>;
  /** The rows as they will stand: those delivered, and those of the source that stay. */
  merged(mode: DeliveryMode, keys: Keys): Promise<StorableTable>;
}

/**
 * The rows of a delivery, which are put against those of a source: row by row here, or by the engine
 * where they are many, for which they are packed once.
 */
export class DeliveredRows {
  private packing: Promise<PackedTable> | null = null;

  /** @param onRows is told how many are packed */
  constructor(
    private readonly database: Database,
    private readonly table: TypedTable,
    private readonly onRows: (rows: number) => void = () => {},
  ) {}

  /** @param standing the rows that the source has */
  async against(standing: VersionRows): Promise<Against> {
    const isLarge = standing.count + this.table.rows > settings.rowsWithoutEngine;
    return isLarge && (await engines.whyMissing()) === null
      ? this.byEngine(standing)
      : this.rowByRow(standing);
  }

  /** Removes what was packed, once nobody asks any more. */
  async end() {
    const packed = await this.packing?.catch(() => null);
    await packed?.remove();
  }

  private rowByRow(standing: VersionRows): Against {
    const { table } = this;
    const after = (mode: DeliveryMode, keys: Keys) =>
      isReplacing(mode) ? table : mergeTables(standing, table, { mode, keys });
    return {
      compare: (mode, keys) => compareTables(standing, table, mode, keys),
      earlier: (mode, keys) => lookAtEarlier(standing, after(mode, keys)),
      merged: (mode, keys) =>
        Promise.resolve(
          mode === 'append' ? appendRows(standing, table) : rowByRow(after(mode, keys)),
        ),
    };
  }

  private byEngine(standing: VersionRows): Against {
    const { table } = this;
    let laying: Promise<BothSides> | null = null;
    const sides = () => (laying ??= this.lay(standing));
    const check = (mode: DeliveryMode) => {
      if (!isReplacing(mode)) checkKinds(standing, table);
    };
    return {
      compare: async (mode, keys) => {
        const both = await sides();
        return {
          rows: both.rows.delivered,
          ...columnChanges(standing.columns, table.columns),
          ...(await compareLarge(both, mode, keys)),
        };
      },
      earlier: async (mode, keys) => {
        check(mode);
        return earlierLarge(await sides(), mode, keys);
      },
      merged: async (mode, keys) => {
        if (isReplacing(mode)) return rowByRow(table);
        check(mode);
        if (mode === 'append') return appendRows(standing, table);
        const both = await sides();
        keyReader(
          both.columns.map(({ name }) => name),
          keys,
        );
        return updateLarge(both, standing.kept.pieces, keys);
      },
    };
  }

  private async lay(standing: VersionRows): Promise<BothSides> {
    this.packing ??= packTable(this.table, this.onRows);
    const packed = await this.packing;
    return layBothSides(
      { ...standing, files: await filesOf(this.database, standing.kept) },
      packed,
    );
  }
}

const isReplacing = (mode: DeliveryMode) => mode === 'replace' || mode === 'correct';
