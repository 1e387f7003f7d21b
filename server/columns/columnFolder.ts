import { createHash, randomUUID } from 'node:crypto';
import { mkdir, readdir, readFile, rename, rm, stat, utimes, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { settings } from '../settings';

/** What a file is known by, and held to before it is used. */
export const hashOf = (content: Uint8Array): string =>
  createHash('sha256').update(content).digest('hex');

/** What comes under another name is on its way; after an hour nobody works on it any more. */
const onItsWay = '.part';
const hour = 3600_000;

/**
 * A folder with files that this server has used: a copy of what the database keeps, each named by its
 * hash. The least recently used go, and all of it may be deleted at any time.
 */
export class ColumnFolder {
  /** names of files that were held to their hash, with what they were then */
  private readonly proven = new Map<string, string>();

  constructor(
    readonly folder: string,
    private readonly mostBytes: number,
  ) {}

  pathOf = (hash: string) => join(this.folder, `${hash}.parquet`);

  /** A name for a file that is being written. */
  async freshPath(): Promise<string> {
    await mkdir(this.folder, { recursive: true });
    return join(this.folder, `${randomUUID()}${onItsWay}`);
  }

  /** Whether a file is here and is what its hash says; one that is not is removed. */
  async has(hash: string): Promise<boolean> {
    const path = this.pathOf(hash);
    try {
      const { size, mtimeMs } = await stat(path);
      const now = `${size} ${Math.round(mtimeMs)}`;
      if (this.proven.get(hash) !== now && hashOf(await readFile(path)) !== hash) {
        await rm(path, { force: true });
        this.proven.delete(hash);
        return false;
      }
      await this.touch(hash);
      return true;
    } catch {
      this.proven.delete(hash);
      return false;
    }
  }

  /** Keeps what a file holds. */
  async keep(hash: string, content: Uint8Array): Promise<void> {
    const path = await this.freshPath();
    try {
      await writeFile(path, content);
      await this.adopt(hash, path);
    } catch (error) {
      await rm(path, { force: true });
      throw error;
    }
  }

  /** Keeps a file that was written here under another name. */
  async adopt(hash: string, path: string): Promise<void> {
    await rename(path, this.pathOf(hash));
    await this.touch(hash);
    await this.trim(hash);
  }

  private async touch(hash: string) {
    const now = new Date();
    await utimes(this.pathOf(hash), now, now);
    const { size, mtimeMs } = await stat(this.pathOf(hash));
    this.proven.set(hash, `${size} ${Math.round(mtimeMs)}`);
  }

  /** Removes what was used longest ago until the rest has room, and what was never finished. */
  private async trim(spared: string) {
    const names = await readdir(this.folder);
    const found = await Promise.all(
      names.map(async (name) => {
        const path = join(this.folder, name);
        const told = await stat(path).catch(() => null);
        return told?.isFile() ? { path, name, bytes: told.size, usedAt: told.mtimeMs } : null;
      }),
    );
    const files = found.flatMap((each) => each ?? []).sort((a, b) => b.usedAt - a.usedAt);
    let room = this.mostBytes;
    for (const { path, name, bytes, usedAt } of files) {
      room -= bytes;
      const isLeft = name.endsWith(onItsWay) ? Date.now() - usedAt > hour : room < 0;
      if (!isLeft || path === this.pathOf(spared)) continue;
      this.proven.delete(name.replace('.parquet', ''));
      await rm(path, { force: true });
    }
  }
}

export const columnFolder = new ColumnFolder(settings.columnsFolder, settings.columnFileBytes);
