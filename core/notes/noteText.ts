/** A part of what a note says, and how it is to be written. */
export interface NotePart {
  kind: 'plain' | 'strong' | 'emphasis' | 'link';
  text: string;
}

/** What stands between pairs of stars, and addresses of the web. */
const marked = /\*\*([^*\n]+)\*\*|\*([^*\n]+)\*|(https?:\/\/[^\s<>"]*[^\s<>".,;:!?)\]])/g;

/** A user name before the host makes an address look like one of another: it is no link. */
const leadsWhereItSays = (address: string) => !/^https?:\/\/[^/?#]*[@\\]/.test(address);

/** Reads the simple emphasis and the links of a note; everything else stays as it was written. */
export function noteParts(text: string): NotePart[] {
  const parts: NotePart[] = [];
  let done = 0;
  const plain = (to: number) => {
    if (to > done) parts.push({ kind: 'plain', text: text.slice(done, to) });
  };
  for (const found of text.matchAll(marked)) {
    const [whole, strong, emphasis, link] = found;
    plain(found.index);
    if (strong !== undefined) parts.push({ kind: 'strong', text: strong });
    else if (emphasis !== undefined) parts.push({ kind: 'emphasis', text: emphasis });
    else parts.push({ kind: leadsWhereItSays(whole) ? 'link' : 'plain', text: link ?? whole });
    done = found.index + whole.length;
  }
  plain(text.length);
  return parts;
}

/** What a note says, without its marks. */
export const plainNote = (text: string): string =>
  noteParts(text)
    .map((part) => part.text)
    .join('');
