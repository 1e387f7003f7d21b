import { plainData, plainText } from './plain';

it('writes out signs that turn the text around them, wherever they stand, and leaves others alone', () => {
  expect(plainText('invoice\u202egpj.exe')).toBe('invoice[U+202E]gpj.exe');
  expect(plainText('\u2067שלום\u2069 ferry \u200f')).toBe('[U+2067]שלום[U+2069] ferry \u200f');
  const data = { title: 'a\u202db', list: ['\u2066', 1, null], inner: { text: 'ü' } };
  expect(plainData(data)).toEqual({
    title: 'a[U+202D]b',
    list: ['[U+2066]', 1, null],
    inner: { text: 'ü' },
  });
});
