import type { SchemaElement } from 'hyparquet';
import { columnsInUtc, withOffsets } from './moments';

const moment = (name: string, isAdjustedToUTC: boolean): SchemaElement => ({
  name,
  logical_type: { type: 'TIMESTAMP', isAdjustedToUTC, unit: 'MILLIS' },
});

it('keeps the offset of moments in UTC, so that they fall on the days of the zone that is chosen', () => {
  const older: SchemaElement = { name: 'Older', converted_type: 'TIMESTAMP_MILLIS' };
  const inUtc = columnsInUtc([{ name: 'root' }, moment('At', true), moment('Local', false), older]);
  expect(inUtc).toEqual(['At', 'Older']);
  const late = new Date('2026-03-01T23:30:00.000Z');
  expect(withOffsets({ At: late, Local: late, Older: null, Fares: 2 }, inUtc)).toEqual({
    At: '2026-03-01T23:30:00Z',
    Local: late,
    Older: null,
    Fares: 2,
  });
});
