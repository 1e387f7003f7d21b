import { Input } from 'antd';
import { type DragEvent, useRef, useState } from 'react';
import { Link } from 'react-router';
import { bringInLimits } from '../../contract';
import { Button } from '../look';

interface StartPanelProps {
  onFile: (file: File) => void;
  /** a small table can be typed where a new source is made */
  canType: boolean;
}

/** Where figures come from: a file, cells from a spreadsheet, or the keyboard. */
export function StartPanel({ onFile, canType }: StartPanelProps) {
  return (
    <div className="start-panel">
      <DropZone onFile={onFile} />
      <PasteZone onFile={onFile} />
      {canType && (
        <section className="sheet start-other">
          <h2>Or type a small table</h2>
          <p className="quiet">
            Targets, budgets, limits, dates with a label: typed, pasted and corrected in place.
          </p>
          <Link to="/sources/type" className="button">
            Type a table
          </Link>
        </section>
      )}
    </div>
  );
}

const extensions = '.csv,.tsv,.txt,.tab,.xlsx,.xlsm,.xls,.ods,.json,.jsonl,.ndjson,.parquet';

function DropZone({ onFile }: { onFile: (file: File) => void }) {
  const [over, setOver] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    const file = event.dataTransfer.files[0];
    if (file) onFile(file);
  };
  return (
    <div
      className={over ? 'drop-zone over' : 'drop-zone'}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
    >
      <h2>Drop a file here</h2>
      <p className="quiet">
        CSV and its kin, workbooks, JSON, JSON Lines, Parquet. How it is understood is shown before
        anything is stored. Up to {bringInLimits.bytes / 1024 / 1024} MB and{' '}
        {bringInLimits.rows.toLocaleString('en-GB')} rows.
      </p>
      <input
        ref={input}
        type="file"
        accept={extensions}
        aria-label="File to bring in"
        className="visually-hidden"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) onFile(file);
          event.target.value = '';
        }}
      />
      <Button primary onClick={() => input.current?.click()}>
        Choose a file
      </Button>
    </div>
  );
}

function PasteZone({ onFile }: { onFile: (file: File) => void }) {
  const [text, setText] = useState('');
  return (
    <section className="sheet start-other">
      <h2>Or paste cells</h2>
      <Input.TextArea
        aria-label="Cells from a spreadsheet"
        placeholder="Copy cells in a spreadsheet, then paste them here"
        rows={4}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <Button
        disabled={!text.trim()}
        onClick={() => onFile(new File([text], 'pasted-cells.tsv', { type: 'text/plain' }))}
      >
        Take these cells
      </Button>
    </section>
  );
}
