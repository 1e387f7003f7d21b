import { noteParts } from '../../core/notes';

/** What a note says, with its emphasis and its links; never markup of its author's. */
export function NoteText({ text }: { text: string }) {
  return noteParts(text).map(({ kind, text: words }, at) => {
    if (kind === 'strong') return <strong key={at}>{words}</strong>;
    if (kind === 'emphasis') return <em key={at}>{words}</em>;
    if (kind === 'link')
      return (
        <a key={at} href={words} target="_blank" rel="noreferrer noopener">
          {words}
        </a>
      );
    return words;
  });
}
