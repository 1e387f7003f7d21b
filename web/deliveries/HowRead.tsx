import { Select } from 'antd';
import { decimalMarks, type FileForm, type Understanding } from '../../contract';
import { parseDay } from '../../core/calendar';
import { writeDay } from '../../core/labels';
import { usualMissing } from '../../core/table';
import { Act, DateField, Phrase, SelectField } from '../controls';
import { FileWords } from './forms';
import { markWords } from './formWords';

interface HowReadProps {
  understanding: Understanding;
  /** changes how cells are read, whatever the columns */
  onReread: (change: Partial<FileForm>) => void;
  /** changes what counts for the cells of all columns as they stand */
  onChange: (change: Partial<FileForm>) => void;
}

/** How a file is read, as one sentence whose phrases are its settings. */
export function HowRead({ understanding, onReread, onChange }: HowReadProps) {
  const { file, parts, decimalMark, zoned, zone, doubleReadings } = understanding;
  return (
    <>
      <p className="delivery-words">
        <FileWords file={file} parts={parts} onChange={(chosen) => onReread({ file: chosen })} />,
        figures with a{' '}
        <Phrase label="Decimal mark" words={markWords[decimalMark]}>
          <SelectField
            label="Decimal mark"
            value={decimalMark}
            options={decimalMarks.map((value) => ({ value, label: markWords[value] }))}
            onChange={(mark) => onReread({ decimalMark: mark })}
          />
        </Phrase>
        . <MissingWords understanding={understanding} onChange={onChange} />
        {zoned && (
          <>
            {' '}
            Times with an offset fall on the days of{' '}
            <Phrase label="Time zone" words={zone}>
              <ZoneField zone={zone} onChange={(next) => onChange({ zone: next })} />
            </Phrase>
            .
          </>
        )}
        <Recorded understanding={understanding} onChange={onChange} />
      </p>
      {doubleReadings.length > 0 && (
        <p className="small quiet">
          {doubleReadings.map(({ column, examples }) => (
            <span key={column}>
              “{column}” could be written with either decimal mark: {examples.join(', ')} is read
              with a {markWords[decimalMark]}.{' '}
            </span>
          ))}
        </p>
      )}
    </>
  );
}

type PartProps = Pick<HowReadProps, 'understanding' | 'onChange'>;

function MissingWords({ understanding: { missing, signs }, onChange }: PartProps) {
  const met = signs.map(({ sign, count }) => `${sign} (${count.toLocaleString('en-GB')})`);
  const words = met.length > 0 ? `Blanks and ${met.slice(0, 4).join(', ')}` : 'Blanks';
  return (
    <>
      <Phrase label="Missing" words={words}>
        <label className="field">
          <span>Signs that count as missing beside blanks</span>
          <Select
            mode="tags"
            aria-label="Signs that count as missing"
            value={missing ?? [...usualMissing]}
            onChange={(next: string[]) => onChange({ missing: next })}
            options={usualMissing.map((sign) => ({ value: sign, label: sign }))}
          />
        </label>
      </Phrase>{' '}
      count as missing.
    </>
  );
}

const zones = Intl.supportedValuesOf('timeZone');

function ZoneField({ zone, onChange }: { zone: string; onChange: (zone: string) => void }) {
  return (
    <label className="field">
      <span>Time zone</span>
      <Select
        showSearch
        aria-label="Time zone"
        value={zone}
        onChange={onChange}
        options={['UTC', ...zones.filter((each) => each !== 'UTC')].map((value) => ({
          value,
          label: value,
        }))}
      />
    </label>
  );
}

const standWords: Record<string, string> = {
  first: ', each on its first day',
  last: ', each on its last day',
};

/** What the dates tell of how the source is recorded, and up to when it is complete. */
function Recorded({ understanding: { recording, completeTo }, onChange }: PartProps) {
  if (!recording) return null;
  const { by, standsOn } = recording;
  const upTo = completeTo ?? recording.completeTo;
  const day = parseDay(upTo);
  return (
    <>
      {' '}
      Recorded by {by}
      {standsOn && standWords[standsOn]}, complete up to{' '}
      <Phrase label="Complete up to" words={day === null ? upTo : writeDay(day)}>
        <DateField
          label="Nothing more is to come up to"
          value={upTo}
          onChange={(completeTo) => onChange({ completeTo })}
        />
        {completeTo && <Act onClick={() => onChange({ completeTo: null })}>As its dates tell</Act>}
      </Phrase>
      .
    </>
  );
}
