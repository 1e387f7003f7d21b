import { crc32, deflateRawSync } from 'node:zlib';

/** A file of a zip, and what the zip says of it where that is not so. */
export interface Zipped {
  name: string;
  content: string | Buffer;
  said?: { unpackedBytes?: number };
}

/** Makes a zip, which may lie. */
export function zipOf(files: readonly Zipped[]): Buffer {
  const parts: Buffer[] = [];
  const list: Buffer[] = [];
  let at = 0;
  for (const { name, content, said = {} } of files) {
    const plain = Buffer.from(content);
    const packed = deflateRawSync(plain, { level: 9 });
    const sizes = [crc32(plain), packed.length, said.unpackedBytes ?? plain.length];
    const head = Buffer.alloc(30);
    head.writeUInt32LE(0x04034b50, 0);
    head.writeUInt16LE(20, 4);
    head.writeUInt16LE(8, 8);
    sizes.forEach((size, place) => head.writeUInt32LE(size, 14 + 4 * place));
    head.writeUInt16LE(name.length, 26);
    const entry = Buffer.alloc(46);
    entry.writeUInt32LE(0x02014b50, 0);
    entry.writeUInt16LE(20, 6);
    entry.writeUInt16LE(8, 10);
    sizes.forEach((size, place) => entry.writeUInt32LE(size, 16 + 4 * place));
    entry.writeUInt16LE(name.length, 28);
    entry.writeUInt32LE(at, 42);
    const local = Buffer.concat([head, Buffer.from(name), packed]);
    parts.push(local);
    list.push(entry, Buffer.from(name));
    at += local.length;
  }
  const listed = Buffer.concat(list);
  const end = Buffer.alloc(22);
  end.writeUInt32LE(0x06054b50, 0);
  end.writeUInt16LE(files.length, 8);
  end.writeUInt16LE(files.length, 10);
  end.writeUInt32LE(listed.length, 12);
  end.writeUInt32LE(at, 16);
  return Buffer.concat([...parts, listed, end]);
}
