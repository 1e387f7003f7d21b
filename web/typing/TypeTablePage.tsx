import './typing.css';
import { Input } from 'antd';
import { useEffect, useState } from 'react';
import { useDispatch } from 'react-redux';
import { useNavigate, useParams } from 'react-router';
import { type FileForm, formOf, type SourceDetail, type Understanding } from '../../contract';
import { api, bringIn, DeliveryProblem, understand, uploadFile } from '../api';
import { Act, Button, Controls } from '../controls';
import { DoubtfulCells, Questions, useLeaving, useWork } from '../deliveries';

import { TopBar } from '../people';
import { CellGrid } from './CellGrid';
import { cellsOf, emptyCells, fileOf, squared, type TypedCells } from './cells';
import { sayColumns } from './sayColumns';
import { useSteps } from './useSteps';

/** More rows than these are brought in as a file. */
const mostRows = 2000;

/** A small table that is typed, pasted and corrected in place; each save is a version of its source. */
export function TypeTablePage() {
  const id = Number(useParams().id) || null;
  const { data: source } = api.useSourceQuery(id ?? 0, { skip: id === null });
  const cells = useCells(source ?? null);
  if (id !== null && (!source || !cells)) return <TopBar />;
  return (
    <Controls>
      <TypeTable source={source ?? null} begin={cells ?? emptyCells()} />
    </Controls>
  );
}

/** The rows of a source as cells, once they are there. */
function useCells(source: SourceDetail | null): TypedCells | null {
  const [cells, setCells] = useState<TypedCells | null>(null);
  useEffect(() => {
    if (!source || source.rows > mostRows) return;
    const gone = new AbortController();
    void fetch(`/api/sources/${source.id}/rows.json`, { signal: gone.signal })
      .then((response) => response.json() as Promise<Record<string, unknown>[]>)
      .then((rows) =>
        setCells(
          cellsOf(
            source.columns.map(({ name }) => name),
            rows,
          ),
        ),
      )
      .catch(() => {});
    return () => gone.abort();
  }, [source]);
  return cells;
}

interface TypeTableProps {
  source: SourceDetail | null;
  begin: TypedCells;
}

function TypeTable({ source, begin }: TypeTableProps) {
  const { cells, canUndo, canRedo, change, undo, redo } = useSteps(begin);
  const [name, setName] = useState('');
  const saving = useSaving(source, name);
  const { found, problem, work } = saving;
  useUndoKeys(undo, redo);
  return (
    <>
      <TopBar
        trail={[
          { label: 'Sources', to: '/sources' },
          ...(source ? [{ label: source.name, to: `/sources/${source.id}` }] : []),
          { label: source ? 'Correct' : 'Type a table' },
        ]}
      />
      <main className="page slim">
        <div className="page-head">
          <div>
            <h1>{source ? `Correct ${source.name}` : 'Type a table'}</h1>
            <p className="quiet">
              The first row names the columns. Paste blocks of cells, drag the corner of a cell to
              fill down, and take anything back.
            </p>
          </div>
          <div className="row bring-in-acts">
            {!source && (
              <Input
                aria-label="Name of the source"
                placeholder="Name of the source"
                value={name}
                maxLength={120}
                onChange={(event) => setName(event.target.value)}
              />
            )}
            <Button
              primary
              busy={work !== null}
              disabled={!source && !name.trim()}
              onClick={() => saving.save(cells)}
            >
              {source ? 'Save a version' : 'Save'}
            </Button>
          </div>
        </div>
        {problem && (
          <p className="problem" role="alert">
            {saving.overwrite
              ? 'Other rows have come into this source since you opened it. Yours stand here as they are, and nothing of them is stored.'
              : problem}
          </p>
        )}
        {saving.overwrite && source && (
          <div className="row typed-conflict">
            <Button to={`/sources/${source.id}`} beside>
              See what stands there now
            </Button>
            <Button onClick={saving.overwrite}>Let mine take its place</Button>
            <Button onClick={() => window.location.reload()}>Begin again from it</Button>
          </div>
        )}
        <div className="grid-tools">
          <Act disabled={!canUndo} onClick={undo}>
            Undo
          </Act>
          <Act disabled={!canRedo} onClick={redo}>
            Redo
          </Act>
          <Act
            onClick={() =>
              change(squared(cells.map((row, at) => (at === 0 ? [...row, ''] : row))), '')
            }
          >
            Add a column
          </Act>
          <Act onClick={() => change([...cells, ...emptyCells(10, cells[0]?.length)], '')}>
            Add ten rows
          </Act>
        </div>
        <div className="sheet grid-sheet">
          <CellGrid cells={cells} onChange={change} />
        </div>
        <p className="quiet typed-words" role="status">
          {sayColumns(cells).join(' ')}
        </p>
        {found && (
          <div className="typed-found">
            <Questions understanding={found} onColumn={saving.decide} />
            <DoubtfulCells doubtful={found.doubtful} total={found.doubtfulTotal}>
              They do not fit their column. Correct them above, or save all the same: they then
              count as missing.
            </DoubtfulCells>
            {found.questions.length === 0 && found.doubtfulTotal > 0 && (
              <Button onClick={saving.saveAllTheSame}>Save all the same</Button>
            )}
          </div>
        )}
      </main>
    </>
  );
}

/** The usual keys for the way back and forth, wherever the focus is but in a field of text. */
function useUndoKeys(undo: () => void, redo: () => void) {
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      const field = event.target as HTMLElement;
      if (field.matches('input:not(.dsg-input)')) return;
      event.preventDefault();
      if (event.shiftKey) redo();
      else undo();
    };
    document.addEventListener('keydown', onKeyDown);
    return () => document.removeEventListener('keydown', onKeyDown);
  });
}

/** Saves a typed table as a file is brought in, doubtful cells and open questions shown first. */
function useSaving(source: SourceDetail | null, name: string) {
  const [found, setFound] = useState<Understanding | null>(null);
  const [uploadId, setUploadId] = useState('');
  const [answers, setAnswers] = useState<Understanding['columns']>([]);
  /** other rows have come into the source since these were opened */
  const [conflict, setConflict] = useState(false);
  const [overwriting, setOverwriting] = useState(false);
  const { work, problem, run } = useWork();
  const leaving = useLeaving();
  const navigate = useNavigate();
  const dispatch = useDispatch();
  const form: FileForm = {
    // A typed table has one head, and nothing is turned in it.
    steps: [{ id: 'head', kind: 'head', from: 1, to: 1 }],
    zone: source?.form.zone,
    columns: (source?.columns ?? []).map(({ name: column, kind, order, fiscalStart }) => ({
      name: column,
      kind,
      order,
      fiscalStart,
      datePattern: kind === 'date' ? 'YYYY-MM-DD' : null,
    })),
  };
  const builtOn = source?.versions.find(({ current }) => current)?.id;
  const announced =
    builtOn && !overwriting ? { builtOn, added: 0, removed: 0, changed: 0 } : undefined;
  const store = (id: string, as: FileForm) =>
    run('Storing the rows', async (tell, stop) => {
      const target = source
        ? { sourceId: source.id, mode: 'correct' as const, announced }
        : { name };
      try {
        const sourceId = await bringIn(id, target, as, tell, { stop, leave: leaving() });
        dispatch(api.util.invalidateTags(['Sources', 'Frames']));
        await navigate(`/sources/${sourceId}`);
      } catch (error) {
        setConflict(error instanceof DeliveryProblem && error.code === 'changed-meanwhile');
        throw error;
      }
    });
  const look = (id: string, given: FileForm) =>
    run('Reading the table', async (tell, stop) => {
      const understanding = await understand(id, given, tell, stop);
      setFound(understanding);
      if (understanding.questions.length === 0 && understanding.doubtfulTotal === 0)
        await store(id, formOf(understanding));
    });
  return {
    found,
    work,
    problem,
    /** the next save takes the place of whatever came in meanwhile; null where nothing did */
    overwrite: conflict
      ? () => {
          setConflict(false);
          setOverwriting(true);
        }
      : null,
    save: (cells: TypedCells) =>
      void run('Sending the table', async (_, stop) => {
        setFound(null);
        setAnswers([]);
        const upload = await uploadFile(fileOf(cells), () => {}, stop);
        setUploadId(upload.id);
        await look(upload.id, form);
      }),
    saveAllTheSame: () => found && void store(uploadId, formOf(found)),
    /** Answers add up: a table may ask about several columns. */
    decide: (column: Understanding['columns'][number]) => {
      const others = answers.filter(({ name: each }) => each !== column.name);
      setAnswers([...others, column]);
      void look(uploadId, { ...form, columns: [...others, column, ...(form.columns ?? [])] });
    },
  };
}
