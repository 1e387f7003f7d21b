import { Select } from 'antd';
import type { Understanding } from '../../contract';
import { type DatePattern, datePatterns, readDate } from '../../core/calendar';
import { writeDay } from '../../core/labels';
import { type Cell, cellText, type ColumnUnderstanding, isBlank, unitOf } from '../../core/table';

import { columnWords } from './columnWords';
import { Distribution } from './Distribution';
import { kindWords } from './formWords';
import { DataTable } from '../controls';

interface TablePreviewProps {
  understanding: Understanding;
  onColumn: (column: ColumnUnderstanding) => void;
}

/** The first rows of the table that the file becomes, each column under what it is taken for. */
export function TablePreview({ understanding, onColumn }: TablePreviewProps) {
  const { columns, preview } = understanding;
  return (
    <DataTable<readonly Cell[]>
      label="The first rows of the table"
      height={520}
      rows={preview.slice(0, 24)}
      columns={columns.map((column, place) => ({
        key: column.name,
        figure: column.kind === 'number',
        title: (
          <ColumnHead
            column={column}
            understanding={understanding}
            place={place}
            onChange={onColumn}
          />
        ),
        cell: (cells) => (
          <PreviewCell
            cell={cells[place] ?? ''}
            doubtful={isDoubtful(understanding, column, cells[place] ?? '')}
          />
        ),
      }))}
    />
  );
}

const isDoubtful = ({ doubtful }: Understanding, { name }: ColumnUnderstanding, cell: Cell) =>
  doubtful.some(({ column, text }) => column === name && text === cellText(cell));

function PreviewCell({ cell, doubtful }: { cell: Cell; doubtful: boolean }) {
  const text = cellText(cell).trim();
  if (isBlank(text)) return <span className="quiet">{text || 'blank'}</span>;
  return <span className={doubtful ? 'doubtful-cell' : ''}>{text}</span>;
}

interface ColumnHeadProps {
  column: ColumnUnderstanding;
  understanding: Understanding;
  place: number;
  onChange: (column: ColumnUnderstanding) => void;
}

/** What a column is taken for, to be corrected, and what was found in it. */
function ColumnHead({ column, understanding, place, onChange }: ColumnHeadProps) {
  const { name, kind, datePattern } = column;
  const found = understanding.found[place];
  const unit = unitOf(name);
  return (
    <div className="column-head">
      {name}
      <Select
        size="small"
        value={kind}
        aria-label={`${name} holds`}
        popupMatchSelectWidth={false}
        onChange={(next) => onChange({ name, kind: next, datePattern: null })}
        options={(['date', 'number', 'text'] as const).map((value) => ({
          value,
          label: kindWords[value],
        }))}
      />
      {kind === 'date' && (
        <Select<DatePattern>
          size="small"
          value={datePattern}
          aria-label={`How the dates of ${name} are written`}
          popupMatchSelectWidth={false}
          onChange={(next) => onChange({ ...column, datePattern: next })}
          options={datePatterns.map((pattern) => ({ value: pattern, label: pattern }))}
        />
      )}
      {kind === 'number' && unit && <span className="small quiet">in {unit}</span>}
      {found && (
        <>
          <Distribution bins={found.bins} />
          {columnWords(kind, found, found.decimals).map((words) => (
            <span key={words} className="small quiet column-words">
              {words}
            </span>
          ))}
          {kind === 'date' && <ReadExample column={column} understanding={understanding} />}
          {found.doubtful > 0 && (
            <span className="small off">{found.doubtful.toLocaleString('en-GB')} doubtful</span>
          )}
        </>
      )}
    </div>
  );
}

/** One cell, and the day it is read as. */
function ReadExample({ column, understanding }: Pick<ColumnHeadProps, 'column' | 'understanding'>) {
  const place = understanding.columns.indexOf(column);
  const text = understanding.preview
    .map((cells) => cellText(cells[place] ?? '').trim())
    .find((cell) => !isBlank(cell));
  const context = { zone: understanding.zone, fiscalStart: column.fiscalStart ?? 1 };
  const day =
    text === undefined || !column.datePattern ? null : readDate(text, column.datePattern, context);
  return day === null ? null : (
    <span className="small quiet">
      {text} is {writeDay(day)}
    </span>
  );
}
