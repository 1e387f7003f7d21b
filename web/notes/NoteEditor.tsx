import './notes.css';
import { Input, Select } from 'antd';
import { useState } from 'react';
import type { Note } from '../../contract';
import { linesOf, type Reading } from '../../core/reading';
import { api, problemOf, sayProblem } from '../api';
import { Act, Button, Controls, OptionalDateField, WrittenDates } from '../controls';

import type { NoteDraft } from './newNote';
import { PennantColours } from './PennantColours';

interface NoteEditorProps {
  draft: NoteDraft;
  reading: Reading | undefined;
  onClose: () => void;
}

/** Writes a note, or changes one; a change by somebody else meanwhile is shown beside. */
export function NoteEditor({ draft, reading, onClose }: NoteEditorProps) {
  const [day, setDay] = useState(draft.day);
  const [until, setUntil] = useState(draft.until);
  const [series, setSeries] = useState(draft.series);
  const [text, setText] = useState(draft.note?.text ?? '');
  const [colour, setColour] = useState<Note['colour']>(draft.note?.colour ?? 'plum');
  const [revision, setRevision] = useState(draft.note?.revision ?? 0);
  const [theirs, setTheirs] = useState<Note | null>(null);
  const [problem, setProblem] = useState('');
  const [write, writing] = api.useWriteNoteMutation();
  const [change, changing] = api.useChangeNoteMutation();

  const save = async () => {
    setProblem('');
    const body = { day, until, series, text, colour };
    try {
      if (draft.note) await change({ id: draft.note.id, revision, ...body }).unwrap();
      else await write({ chartId: draft.chartId, ...body }).unwrap();
      onClose();
    } catch (error) {
      const current = problemOf(error)?.current as Note | undefined;
      if (current) {
        setTheirs(current);
        setRevision(current.revision);
      }
      setProblem(sayProblem(error));
    }
  };

  return (
    <Controls>
      <WrittenDates value={reading?.look.periods.dates ?? 'words'}>
        <div
          className="note-editor"
          role="dialog"
          aria-label={draft.note ? `Note ${draft.note.number}` : 'Write a note'}
          onKeyDown={(event) => event.key === 'Escape' && onClose()}
        >
          <h2>{draft.note ? `Note ${draft.note.number}` : 'Write a note'}</h2>
          <div className="fields">
            <label className="field">
              <span>What happened, and why</span>
              <Input.TextArea
                value={text}
                onChange={(event) => setText(event.target.value)}
                autoSize={{ minRows: 3 }}
                maxLength={2000}
                autoFocus
              />
            </label>
            <p className="small quiet">
              *So* it is stressed, **so** strongly; addresses become links.
            </p>
            <div className="row note-fields">
              <OptionalDateField
                label="Stands on"
                value={day}
                placeholder="the whole chart"
                onChange={(value) => {
                  setDay(value);
                  if (!value) setUntil(null);
                }}
              />
              <OptionalDateField
                label="Up to"
                value={until}
                placeholder="that day alone"
                disabled={day === null}
                from={day}
                onChange={setUntil}
              />
              <label className="field grow">
                <span>Speaks of</span>
                <Select
                  value={series ?? ''}
                  aria-label="Speaks of"
                  onChange={(value) => setSeries(value || null)}
                  options={[
                    { value: '', label: day === null ? 'the chart as a whole' : 'the date itself' },
                    ...(reading ? linesOf(reading) : []).map(({ id, name }) => ({
                      value: id,
                      label: name,
                    })),
                  ]}
                />
              </label>
            </div>
            <PennantColours colour={colour} onChoose={setColour} />
            {problem && (
              <div className="problem" role="alert">
                {problem}
                {theirs && (
                  <>
                    <p>
                      It now reads: “{theirs.text}” ({theirs.author})
                    </p>
                    <Act onClick={() => setText(theirs.text)}>Take theirs</Act>
                  </>
                )}
              </div>
            )}
          </div>
          <div className="row note-editor-acts">
            <Button onClick={onClose}>Cancel</Button>
            <Button
              primary
              busy={writing.isLoading || changing.isLoading}
              onClick={() => void save()}
            >
              {theirs ? 'Keep mine' : 'Save the note'}
            </Button>
          </div>
        </div>
      </WrittenDates>
    </Controls>
  );
}
