import { Input } from 'antd';
import { type ReactNode, useState } from 'react';
import {
  type ChoicesOf,
  delimiters,
  encodings,
  type FileChoices,
  type FormKind,
} from '../../contract';
import { Phrase, SelectField } from '../controls';
import { delimiterWords, encodingWords } from './formWords';

interface FormWordsProps<Kind extends FormKind> {
  file: ChoicesOf<Kind>;
  /** the sheets or lists that could be chosen */
  parts: readonly string[];
  onChange: (file: FileChoices) => void;
}

/** How each form of file says what was chosen about it; a new form is an entry here. */
const sentences: { [Kind in FormKind]: (props: FormWordsProps<Kind>) => ReactNode } = {
  delimited: ({ file, onChange }) => (
    <>
      Text in{' '}
      <Phrase label="Encoding" words={encodingWords[file.encoding ?? 'utf-8']}>
        <SelectField
          label="Encoding"
          value={file.encoding ?? null}
          options={encodings.map((value) => ({ value, label: encodingWords[value] }))}
          onChange={(encoding) => onChange({ ...file, encoding })}
        />
      </Phrase>
      , cells end at a{' '}
      <Phrase label="Cells end at a" words={delimiterWords[file.delimiter ?? ',']}>
        <SelectField
          label="Cells end at a"
          value={file.delimiter ?? null}
          options={delimiters.map((value) => ({ value, label: delimiterWords[value] }))}
          onChange={(delimiter) => onChange({ ...file, delimiter })}
        />
      </Phrase>
    </>
  ),
  spreadsheet: ({ file, parts, onChange }) => (
    <>
      A workbook, its sheet{' '}
      <Phrase label="Sheet" words={`“${file.sheet ?? ''}”`}>
        <SelectField
          label="Sheet"
          value={file.sheet ?? null}
          options={parts.map((value) => ({ value, label: value }))}
          onChange={(sheet) => onChange({ ...file, sheet, range: undefined })}
        />
      </Phrase>
      ,{' '}
      <Phrase label="Cells" words={file.range || 'all cells'}>
        <RangeField
          range={file.range ?? ''}
          onChange={(range) => onChange({ ...file, range: range || undefined })}
        />
      </Phrase>
    </>
  ),
  json: ({ file, parts, onChange }) => (
    <>
      A JSON document, its records at{' '}
      <Phrase label="Records" words={file.path ? `“${file.path}”` : 'the top'}>
        <SelectField
          label="Records"
          value={file.path ?? null}
          options={parts.map((value) => ({ value, label: value || 'the top' }))}
          onChange={(path) => onChange({ ...file, path })}
        />
      </Phrase>
    </>
  ),
  jsonLines: () => <>JSON, a record a line</>,
  parquet: () => <>A Parquet file</>,
};

/** The form of a file and what was chosen about it, as the start of a sentence. */
export function FileWords<Kind extends FormKind>(props: FormWordsProps<Kind>) {
  const Words = sentences[props.file.kind] as unknown as (props: FormWordsProps<Kind>) => ReactNode;
  return <Words {...props} />;
}

function RangeField({ range, onChange }: { range: string; onChange: (range: string) => void }) {
  const [text, setText] = useState(range);
  const fits = text === '' || /^[A-Z]{1,3}\d{1,7}:[A-Z]{1,3}\d{1,7}$/i.test(text);
  return (
    <label className="field">
      <span>Cells, as in B3:H40; empty for all</span>
      <Input
        value={text}
        aria-label="Cells"
        status={fits ? undefined : 'error'}
        onChange={(event) => setText(event.target.value.trim())}
        onBlur={() => fits && text !== range && onChange(text)}
        onPressEnter={() => fits && onChange(text)}
      />
    </label>
  );
}
