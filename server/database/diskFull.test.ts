import { isDiskFull } from './diskFull';

it.each([
  [true, 'the system', Object.assign(new Error('write'), { code: 'ENOSPC' })],
  [true, 'MariaDB', { code: 'ER_RECORD_FILE_FULL', errno: 1114 }],
  [
    true,
    'MariaDB in words',
    new Error("Can't create file '/t/x' (Errcode: 28 \"No space left on device\")"),
  ],
  [true, 'what caused it', new Error('query', { cause: { code: 'ER_DISK_FULL' } })],
  [true, 'the engine', new Error('Error: IO Error: Could not write: No space left on device')],
  [false, 'another reason', Object.assign(new Error('gone'), { code: 'ENOENT' })],
  [false, 'nothing', null],
])('says %s of %s', (full, _who, error) => expect(isDiskFull(error)).toBe(full));
