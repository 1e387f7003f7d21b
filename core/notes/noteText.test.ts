import fc from 'fast-check';
import { noteParts, plainNote } from './noteText';

it.each([
  ['Quay closed.', ['plain Quay closed.']],
  ['**Quay** closed *for works*', ['strong Quay', 'plain  closed ', 'emphasis for works']],
  [
    'See https://isles.example/quay?a=1, or ask.',
    ['plain See ', 'link https://isles.example/quay?a=1', 'plain , or ask.'],
  ],
  ['2 * 3 * 4 and a lone *', ['plain 2 ', 'emphasis  3 ', 'plain  4 and a lone *']],
  // A user name is no host, and what follows it is where the address leads.
  [
    'See https://isles.example@evil.example/a',
    ['plain See ', 'plain https://isles.example@evil.example/a'],
  ],
  ['https://isles.example\\@evil.example', ['plain https://isles.example\\@evil.example']],
  ['https://isles.example/a@b', ['link https://isles.example/a@b']],
  // Nothing but an address of the web is ever a link, and markup is text.
  ['javascript:alert(1) <b>no</b>', ['plain javascript:alert(1) <b>no</b>']],
])('reads %j', (text, parts) => {
  expect(noteParts(text).map((part) => `${part.kind} ${part.text}`)).toEqual(parts);
});

it('loses nothing of a note but the stars of its emphasis', () => {
  const words = fc.array(fc.constantFrom('*', '**', ' ', 'a', 'https://b.c', '\n', '.'));
  fc.assert(
    fc.property(words, (all) => {
      const text = all.join('');
      expect(plainNote(text).replaceAll('*', '')).toBe(text.replaceAll('*', ''));
      for (const { kind, text: address } of noteParts(text))
        if (kind === 'link') expect(address).toMatch(/^https?:/);
    }),
  );
});
