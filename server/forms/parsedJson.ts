const mayBeLong = /\d{16}/;
/** Texts, which are passed over, or whole numbers with more digits than a figure can hold. */
const textOrLong = /"(?:[^"\\]|\\.)*"|-?\d{16,}(?![\d.eE])/g;

/**
 * Reads JSON. Whole numbers of sixteen digits and more come as their text: they are names of things, which
 * a figure could not hold to the last digit.
 * @throws SyntaxError where the text is no JSON
 */
export function parsedJson(text: string): unknown {
  const safe = mayBeLong.test(text)
    ? text.replace(textOrLong, (found) => (found.startsWith('"') ? found : `"${found}"`))
    : text;
  return JSON.parse(safe) as unknown;
}
