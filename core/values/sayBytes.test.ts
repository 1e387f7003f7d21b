import { sayBytes } from './sayBytes';

it.each([
  [0, '0 bytes'],
  [1023, '1,023 bytes'],
  [1024, '1 kB'],
  [1536 * 1024, '1.5 MB'],
  [100 * 1024 ** 2, '100 MB'],
  [1024 ** 3, '1 GB'],
  [5000 * 1024 ** 3, '5,000 GB'],
])('says %i as %s', (bytes, said) => expect(sayBytes(bytes)).toBe(said));
