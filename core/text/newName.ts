import { type Entry, type Named, namesAt, quoted, type Written, writeName } from '../sentences';

const bare = /[^"“„:#,()]+?(?=\s+is\s)/uy;

/** The name that a line gives to what it says, before "is": between quotes, or as it is. */
export const newName: Entry<string> = {
  draft: () => '',
  fits: (value) => typeof value === 'string',
  setting: () => ({ control: 'text', called: 'name' }),
  print: writeName,
  read: (at, reader) => {
    const [found] = namesAt(at, reader, nothingKnown);
    if (found) return [found];
    const plain = reader.match(at, bare);
    reader.expect(at, { text: 'a name', open: true });
    return plain ? [{ value: plain[0].trim(), to: plain.index + plain[0].length }] : [];
  },
};

const nothingKnown: readonly Named[] = [];

/** A title, which has a line of its own: as it is, or between quotes where it would be read as something else. */
export const titleLine: Written<string> = {
  print: (title) => (/^["“„#]|^\s|\s$/.test(title) ? quoted(title) : title),
  read: (at, reader) => {
    const [found] = namesAt(at, reader, nothingKnown);
    if (found && reader.isEnd(found.to)) return [found];
    const plain = reader.match(at, /.+/uy);
    return plain ? [{ value: plain[0].trim(), to: reader.text.length }] : [];
  },
};
