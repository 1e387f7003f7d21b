/** How each file within a zip is named in the list at its end. */
const entry = { signature: 0x02014b50, unpackedAt: 24, nameAt: 28, length: 46 };
const end = { signature: 0x06054b50, listAt: 16, countAt: 10, length: 22 };

/**
 * What a zip says it unpacks to, in bytes, added up from the list at its end.
 * @returns null when the list cannot be read: what is not known is not unpacked
 */
export function unpackedBytes(zip: Buffer): number | null {
  const from = lastSignature(zip);
  if (from < 0) return null;
  let at = zip.readUInt32LE(from + end.listAt);
  let sum = 0;
  for (let left = zip.readUInt16LE(from + end.countAt); left > 0; left -= 1) {
    if (at + entry.length > zip.length || zip.readUInt32LE(at) !== entry.signature) return null;
    sum += zip.readUInt32LE(at + entry.unpackedAt);
    const [name, extra, comment] = [0, 2, 4].map((more) =>
      zip.readUInt16LE(at + entry.nameAt + more),
    );
    at += entry.length + (name ?? 0) + (extra ?? 0) + (comment ?? 0);
  }
  return sum;
}

function lastSignature(zip: Buffer): number {
  const longestComment = 65_536;
  for (let at = zip.length - end.length; at >= 0 && at >= zip.length - longestComment; at -= 1)
    if (zip.readUInt32LE(at) === end.signature) return at;
  return -1;
}
