/** How each file within a zip is named in the list at its end, and before its content. */
const entry = { signature: 0x02014b50, packedAt: 20, unpackedAt: 24, nameAt: 28, length: 46 };
const local = { signature: 0x04034b50, nameAt: 26, length: 30 };
const end = { signature: 0x06054b50, listAt: 16, countAt: 10, length: 22 };

/** One file within a zip. */
export interface ZipEntry {
  name: string;
  /** as it stands in the zip */
  content: Buffer;
  isPacked: boolean;
  /** what the zip's list says of it */
  unpackedBytes: number;
}

/** The files of a zip by the list at its end; null when the list cannot be read. */
export function zipEntries(zip: Buffer): ZipEntry[] | null {
  const from = lastSignature(zip);
  if (from < 0) return null;
  const found: ZipEntry[] = [];
  let at = zip.readUInt32LE(from + end.listAt);
  for (let left = zip.readUInt16LE(from + end.countAt); left > 0; left -= 1) {
    if (at + entry.length > zip.length || zip.readUInt32LE(at) !== entry.signature) return null;
    const lengths = [0, 2, 4].map((more) => zip.readUInt16LE(at + entry.nameAt + more));
    const [name = 0, extra = 0, comment = 0] = lengths;
    const content = contentAt(
      zip,
      zip.readUInt32LE(at + 42),
      zip.readUInt32LE(at + entry.packedAt),
    );
    if (!content) return null;
    found.push({
      name: zip.toString('utf8', at + entry.length, at + entry.length + name),
      content,
      isPacked: zip.readUInt16LE(at + 10) !== 0,
      unpackedBytes: zip.readUInt32LE(at + entry.unpackedAt),
    });
    at += entry.length + name + extra + comment;
  }
  return found;
}

function contentAt(zip: Buffer, at: number, bytes: number): Buffer | null {
  if (at + local.length > zip.length || zip.readUInt32LE(at) !== local.signature) return null;
  const [name, extra] = [0, 2].map((more) => zip.readUInt16LE(at + local.nameAt + more));
  const from = at + local.length + (name ?? 0) + (extra ?? 0);
  return from + bytes > zip.length ? null : zip.subarray(from, from + bytes);
}

function lastSignature(zip: Buffer): number {
  const longestComment = 65_536;
  for (let at = zip.length - end.length; at >= 0 && at >= zip.length - longestComment; at -= 1)
    if (zip.readUInt32LE(at) === end.signature) return at;
  return -1;
}
