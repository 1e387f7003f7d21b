import './sources.css';
import { Progress } from 'antd';
import { type DragEvent, useRef, useState } from 'react';
import { useDispatch } from 'react-redux';
import { useNavigate, useParams } from 'react-router';
import { bringInLimits, type FileForm, type Understanding, type Upload } from '../../contract';
import { api, bringIn, sayProblem, uploadFile } from '../api';
import { Controls } from '../controls';
import { TopBar } from '../people';
import { UnderstandingForm } from './UnderstandingForm';
import { Button } from '../look';

/** Long work that is under way. */
interface Work {
  doing: string;
  share: number | null;
  stop: AbortController;
}

/** Says how far long work is, and what it is at when that has changed. */
type Tell = (share: number | null, doing?: string) => void;

/** Brings a file in: drop it, see how it was understood, correct it, store it. */
export function BringInPage() {
  return (
    <Controls>
      <BringIn />
    </Controls>
  );
}

function BringIn() {
  const again = Number(useParams().id) || null;
  const { data: source } = api.useSourceQuery(again ?? 0, { skip: again === null });
  const [upload, setUpload] = useState<Upload | null>(null);
  const [understanding, setUnderstanding] = useState<Understanding | null>(null);
  const [name, setName] = useState('');
  const [work, setWork] = useState<Work | null>(null);
  const [problem, setProblem] = useState('');
  const [understand] = api.useUnderstandMutation();
  const navigate = useNavigate();
  const dispatch = useDispatch();

  /** Runs one piece of long work; what fails is said, what is stopped is not. */
  const run = async (doing: string, task: (tell: Tell, stop: AbortSignal) => Promise<void>) => {
    const stop = new AbortController();
    setProblem('');
    setWork({ doing, share: null, stop });
    try {
      await task((share, now = doing) => setWork({ doing: now, share, stop }), stop.signal);
    } catch (error) {
      if (!stop.signal.aborted)
        setProblem(error instanceof Error ? error.message : sayProblem(error));
    } finally {
      setWork(null);
    }
  };
  const read = async (uploadId: string, form: FileForm, stop: AbortSignal) => {
    const asking = understand({ uploadId, form });
    stop.addEventListener('abort', () => asking.abort());
    setUnderstanding(await asking.unwrap());
  };
  const take = (file: File) => {
    if (file.size > bringInLimits.bytes)
      return setProblem(
        `${file.name} is larger than ${bringInLimits.bytes / 1024 / 1024} MB. Bring it in as several files.`,
      );
    return void run(`Sending ${file.name}`, async (tell, stop) => {
      const kept = await uploadFile(file, tell, stop);
      setUpload(kept);
      setName(
        file.name
          .replace(/\.[^.]*$/, '')
          .replace(/[-_]+/g, ' ')
          .replace(/^./, (first) => first.toUpperCase()),
      );
      const zone = Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';
      // The same form of file as before is read as before.
      const { columns: _, ...before } = source?.form ?? {};
      tell(null, `Reading ${file.name}`);
      await read(kept.id, { ...(again ? before : {}), zone }, stop);
    });
  };
  const correct = (form: FileForm) =>
    upload && void run('Reading the file again', (_, stop) => read(upload.id, form, stop));
  const store = () =>
    upload &&
    understanding &&
    void run('Bringing the rows in', async (tell, stop) => {
      const target = again ? { sourceId: again } : { name };
      const id = await bringIn(upload.id, target, formOf(understanding), tell, stop);
      dispatch(api.util.invalidateTags(['Sources', 'Frames']));
      await navigate(`/sources/${id}`);
    });

  return (
    <>
      <TopBar
        trail={[
          { label: 'Sources', to: '/sources' },
          ...(source ? [{ label: source.name, to: `/sources/${source.id}` }] : []),
          { label: again ? 'Bring in again' : 'Bring in' },
        ]}
      />
      <main className="page slim">
        <div className="page-head">
          <div>
            <h1>{source ? `Bring ${source.name} in again` : 'Bring in figures'}</h1>
            <p className="quiet">
              {source
                ? 'A file of the same form replaces the figures; every chart drawn from them follows.'
                : 'A CSV file with a row of column names, a column of dates and at least one of figures.'}
            </p>
          </div>
        </div>
        {problem && (
          <p className="problem" role="alert">
            {problem}
          </p>
        )}
        {work && (
          <div className="sheet working" role="status">
            <span>{work.doing}</span>
            <Progress
              percent={Math.round((work.share ?? 0) * 100)}
              showInfo={work.share !== null}
              status="active"
            />
            <Button onClick={() => work.stop.abort()}>Stop</Button>
          </div>
        )}
        {!upload && !work && <DropZone onFile={take} />}
        {upload && !understanding && !work && (
          <Button onClick={() => setUpload(null)}>Choose another file</Button>
        )}
        {upload && understanding && (
          <UnderstandingForm
            upload={upload}
            understanding={understanding}
            before={source ?? null}
            name={name}
            busy={work !== null}
            onName={setName}
            onCorrect={correct}
            onStore={store}
            onAnother={() => {
              setUpload(null);
              setUnderstanding(null);
            }}
          />
        )}
      </main>
    </>
  );
}

/** The form as it stands, without what was found by it. */
function formOf({ encoding, delimiter, decimalMark, zone, columns }: Understanding): FileForm {
  return { encoding, delimiter, decimalMark, zone, columns };
}

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
      <h2>Drop a CSV file here</h2>
      <p className="quiet">
        Delimiter, encoding, decimal mark and dates are recognised and shown before anything is
        stored. Up to {bringInLimits.bytes / 1024 / 1024} MB and{' '}
        {bringInLimits.rows.toLocaleString('en-GB')} rows.
      </p>
      <input
        ref={input}
        type="file"
        accept=".csv,.tsv,.txt,text/csv"
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
