import { Input, Select } from 'antd';
import { type FileForm, type SourceDetail, type Understanding, type Upload } from '../../contract';
import { decimalMarks, delimiters, encodings } from '../../contract';
import { datePatterns } from '../../core/calendar';
import { SelectField } from '../controls';
import { delimiterWords, encodingWords, markWords } from './formWords';
import { Button, ScrollTable } from '../look';

interface UnderstandingFormProps {
  upload: Upload;
  understanding: Understanding;
  /** the source whose figures would be replaced */
  before: SourceDetail | null;
  name: string;
  busy: boolean;
  onName: (name: string) => void;
  onCorrect: (form: FileForm) => void;
  onStore: () => void;
  onAnother: () => void;
}

/** How a file was understood, for correction before anything is stored. */
export function UnderstandingForm(props: UnderstandingFormProps) {
  const { upload, understanding, before, name, busy, onName, onCorrect, onStore, onAnother } =
    props;
  const { encoding, delimiter, decimalMark, zone, columns, rows, doubtfulTotal } = understanding;
  const form = { encoding, delimiter, decimalMark, zone, columns: columns ?? [] };
  // Another way of cutting or reading cells makes other columns: those are recognised anew.
  const reread = (change: Partial<FileForm>) =>
    onCorrect({ encoding, delimiter, decimalMark, zone, ...change });
  const dated = form.columns.some(({ kind }) => kind === 'date');
  const lost =
    before?.columns.filter((old) => form.columns.every((column) => column.name !== old.name)) ?? [];
  return (
    <div className="understanding">
      <section className="sheet understanding-form">
        <label className="field grow">
          <span>{before ? 'File' : 'Name of the source'}</span>
          {before ? (
            <Input value={upload.fileName} disabled />
          ) : (
            <Input value={name} onChange={(event) => onName(event.target.value)} maxLength={120} />
          )}
        </label>
        <SelectField
          label="Cells end at a"
          value={delimiter ?? null}
          options={choices(delimiters, delimiterWords)}
          onChange={(value) => reread({ delimiter: value })}
        />
        <SelectField
          label="Decimal mark"
          value={decimalMark ?? null}
          options={choices(decimalMarks, markWords)}
          onChange={(value) => reread({ decimalMark: value })}
        />
        <SelectField
          label="Encoding"
          value={encoding ?? null}
          options={choices(encodings, encodingWords)}
          onChange={(value) => reread({ encoding: value })}
        />
        <div className="understanding-acts">
          <Button onClick={onAnother} disabled={busy}>
            Another file
          </Button>
          <Button primary onClick={onStore} disabled={busy || !dated || (!before && !name.trim())}>
            Bring in {rows.toLocaleString('en-GB')} rows
          </Button>
        </div>
      </section>
      {!dated && (
        <p className="problem">
          No column is read as dates. Choose the date column below, and how its dates are written.
        </p>
      )}
      {lost.length > 0 && (
        <p className="remark">
          This file lacks {lost.map((column) => `“${column.name}”`).join(', ')}, which the source
          has now. Charts that draw from {lost.length === 1 ? 'it' : 'them'} will say so.
        </p>
      )}
      <section className="sheet">
        <PreviewTable
          understanding={understanding}
          onColumn={(place, change) =>
            onCorrect({
              ...form,
              columns: form.columns.map((column, at) =>
                at === place ? { ...column, ...change } : column,
              ),
            })
          }
        />
      </section>
      {doubtfulTotal > 0 && <DoubtfulCells understanding={understanding} />}
    </div>
  );
}

/** The choices of a form, in words. */
function choices<T extends string>(values: readonly T[], words: Record<T, string>) {
  return values.map((value) => ({ value, label: words[value] }));
}

type ColumnForm = NonNullable<FileForm['columns']>[number];

interface PreviewTableProps {
  understanding: Understanding;
  onColumn: (place: number, change: Partial<ColumnForm>) => void;
}

/** The first rows as they are written, each column under what it is taken for. */
function PreviewTable({ understanding, onColumn }: PreviewTableProps) {
  const { columns = [], preview, doubtful } = understanding;
  const align = ({ kind }: ColumnForm) => (kind === 'number' ? 'figure' : '');
  const isOdd = ({ name }: ColumnForm, text: string | undefined) =>
    doubtful.some((cell) => cell.column === name && cell.text === text);
  return (
    <ScrollTable
      label="The first rows of the file"
      head={columns.map((column, place) => (
        <th key={column.name} scope="col" className={align(column)}>
          <ColumnChoices
            column={column}
            understanding={understanding}
            place={place}
            onChange={(change) => onColumn(place, change)}
          />
        </th>
      ))}
    >
      {preview.map((cells, row) => (
        <tr key={row}>
          {columns.map((column, place) => (
            <td key={column.name} className={align(column)}>
              {!cells[place]?.trim() ? (
                <span className="quiet">blank</span>
              ) : (
                <span className={isOdd(column, cells[place]) ? 'doubtful-cell' : ''}>
                  {cells[place].trim()}
                </span>
              )}
            </td>
          ))}
        </tr>
      ))}
    </ScrollTable>
  );
}

interface ColumnChoicesProps {
  column: ColumnForm;
  understanding: Understanding;
  place: number;
  onChange: (change: Partial<ColumnForm>) => void;
}

/** What a column is taken for, to be corrected, and what was found in it. */
function ColumnChoices({ column, understanding, place, onChange }: ColumnChoicesProps) {
  const { name, kind, datePattern } = column;
  const doubtful = understanding.found[place]?.doubtful ?? 0;
  return (
    <div className="column-head">
      {name}
      <Select
        size="small"
        value={kind}
        aria-label={`${name} holds`}
        popupMatchSelectWidth={false}
        onChange={(next) => onChange({ kind: next, datePattern: null })}
        options={[
          { value: 'date', label: 'dates' },
          { value: 'number', label: 'figures' },
          { value: 'text', label: 'words' },
        ]}
      />
      {kind === 'date' && (
        <Select
          size="small"
          value={datePattern}
          aria-label={`How the dates of ${name} are written`}
          popupMatchSelectWidth={false}
          onChange={(next) => onChange({ datePattern: next })}
          options={datePatterns.map((pattern) => ({ value: pattern, label: pattern }))}
        />
      )}
      <span className="small quiet">{columnWords(understanding, place)}</span>
      {doubtful > 0 && <span className="small off">{doubtful} doubtful</span>}
    </div>
  );
}

function columnWords({ found, columns = [] }: Understanding, place: number): string {
  const about = found[place];
  if (!about) return '';
  const blank =
    about.blank === 0 ? 'no blanks' : about.blank === 1 ? '1 blank' : `${about.blank} blanks`;
  if (columns[place]?.kind !== 'text') return blank;
  return `${about.words}${about.words >= 1000 ? ' or more' : ''} different, ${blank}`;
}

function DoubtfulCells({
  understanding: { doubtful, doubtfulTotal },
}: {
  understanding: Understanding;
}) {
  return (
    <section className="sheet doubtful">
      <h2>
        {doubtfulTotal === 1
          ? '1 doubtful cell'
          : `${doubtfulTotal.toLocaleString('en-GB')} doubtful cells`}
      </h2>
      <p className="quiet">
        They do not fit their column. Correct how the column is read, mend the file, or bring it in:
        these cells then count as missing.
      </p>
      <ul>
        {doubtful.map(({ row, column, text }) => (
          <li key={`${row} ${column}`}>
            Row {row}, {column}: <strong>{text.slice(0, 80)}</strong>
          </li>
        ))}
      </ul>
      {doubtfulTotal > doubtful.length && (
        <p className="quiet">
          and {(doubtfulTotal - doubtful.length).toLocaleString('en-GB')} more
        </p>
      )}
    </section>
  );
}
