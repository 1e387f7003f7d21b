// @ts-check
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

const packed = /\.(js|css|html|svg)$/;
/** Smaller files travel as quickly as they are. */
const packedFrom = 1024;

/**
 * Lays a compressed copy beside each file that gains by it, once, when the interface is built.
 * @param {string} folder
 */
export async function compressFiles(folder) {
  const names = readdirSync(folder, { recursive: true, encoding: 'utf8' });
  await Promise.all(
    names
      .filter((name) => packed.test(name))
      .map(async (name) => {
        const path = join(folder, name);
        const content = readFileSync(path);
        if (content.length < packedFrom) return;
        const quality = { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } };
        writeFileSync(`${path}.br`, await promisify(brotliCompress)(content, quality));
        writeFileSync(`${path}.gz`, await promisify(gzip)(content, { level: 9 }));
      }),
  );
}
