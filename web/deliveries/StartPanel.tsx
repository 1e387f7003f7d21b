import { Input, Upload } from 'antd';
import { useState } from 'react';
import type { FileLimits } from '../../contract';
import { sayBytes } from '../../core/values';
import { Button } from '../controls';

interface StartPanelProps {
  onFile: (file: File) => void;
  /** a small table can be typed where a new source is made */
  canType: boolean;
  /** what the server takes, once it has said so */
  limits: FileLimits | undefined;
}

/** Where figures come from: a file, cells from a spreadsheet, or the keyboard. */
export function StartPanel({ onFile, canType, limits }: StartPanelProps) {
  return (
    <div className="start-panel">
      <DropZone onFile={onFile} limits={limits} />
      <PasteZone onFile={onFile} />
      {canType && (
        <section className="sheet start-other">
          <h2>Or type a small table</h2>
          <p className="quiet">
            Targets, budgets, limits, dates with a label: typed, pasted and corrected in place.
          </p>
          <Button to="/sources/type">Type a table</Button>
        </section>
      )}
    </div>
  );
}

const extensions = '.csv,.tsv,.txt,.tab,.xlsx,.xlsm,.xls,.ods,.json,.jsonl,.ndjson,.parquet';

const DropZone = ({ onFile, limits }: Pick<StartPanelProps, 'onFile' | 'limits'>) => (
  <Upload.Dragger
    className="drop-zone"
    accept={extensions}
    aria-label="File to bring in"
    showUploadList={false}
    // What stands in it is what is pressed.
    hasControlInside
    beforeUpload={(file) => {
      onFile(file);
      return false;
    }}
  >
    <h2>Drop a file here</h2>
    <p className="quiet">
      CSV and its kin, workbooks, JSON, JSON Lines, Parquet. How it is understood is shown before
      anything is stored.{' '}
      {limits && `Up to ${sayBytes(limits.bytes)} and ${limits.rows.toLocaleString('en-GB')} rows.`}
    </p>
    <Button primary>Choose a file</Button>
  </Upload.Dragger>
);

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
