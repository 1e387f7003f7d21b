import { ProblemError } from '../../core/values';
import { settings } from '../settings';
import type { DeliveredFile } from './form';

/**
 * Reads a file that has to be there as a whole.
 * @throws ProblemError when it is larger than memory is meant for
 */
export async function wholeFile(file: DeliveredFile): Promise<Buffer> {
  const parts: Buffer[] = [];
  let bytes = 0;
  for await (const part of file.open()) {
    bytes += part.length;
    if (bytes > settings.wholeFileBytes) {
      const most = Math.round(settings.wholeFileBytes / 1024 / 1024);
      throw new ProblemError({
        code: 'file-too-large',
        sentence: `A file of this form may have ${most} MB. Save the table as CSV, or bring it in as several files.`,
      });
    }
    parts.push(part);
  }
  return Buffer.concat(parts);
}

const sampleBytes = 256 * 1024;

/** The first bytes of a file, by which it is recognised. */
export async function firstBytes(file: DeliveredFile): Promise<Buffer> {
  const parts: Buffer[] = [];
  let held = 0;
  for await (const part of file.open()) {
    parts.push(part);
    held += part.length;
    if (held >= sampleBytes) break;
  }
  return Buffer.concat(parts).subarray(0, sampleBytes);
}
