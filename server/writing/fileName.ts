/** Letters that file systems give another meaning, or none. */
const apart = /[\\/:*?"<>|\p{Cc}]+/gu;

/** The name of a file that is written from a source: all of the source's name that a file may have. */
export const fileNameOf = (name: string, form: string): string =>
  `${name.replace(apart, '-').trim() || 'source'}.${form}`;
