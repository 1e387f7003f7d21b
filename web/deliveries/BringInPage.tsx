import './deliveries.css';
import { Input, Progress } from 'antd';
import { useParams } from 'react-router';
import { type SourceDetail, titleOf } from '../../contract';
import { countRows } from '../../core/preparation';
import { api } from '../api';
import { Button, Controls } from '../controls';

import { TopBar } from '../people';
import { StartPanel } from './StartPanel';
import { Understood } from './Understood';
import { useDelivery } from './useDelivery';
import type { Work } from './useWork';
import { ModeField, WhatChanges } from './WhatChanges';

/** Brings a file in: drop it, see how it was understood, correct it, store it. */
export function BringInPage() {
  const again = Number(useParams().id) || null;
  const { data: source } = api.useSourceQuery(again ?? 0, { skip: again === null });
  if (again !== null && !source) return <TopBar />;
  return (
    <Controls>
      <BringIn source={source ?? null} />
    </Controls>
  );
}

function BringIn({ source }: { source: SourceDetail | null }) {
  const delivery = useDelivery(source);
  const { upload, understanding, changes, given, work, problem } = delivery;
  return (
    <>
      <TopBar
        trail={[
          { label: 'Sources', to: '/sources' },
          ...(source ? [{ label: source.name, to: `/sources/${source.id}` }] : []),
          { label: source ? 'Bring in again' : 'Bring in' },
        ]}
      />
      <main className="page">
        <div className="page-head">
          <div>
            <h1>{source ? `Bring ${source.name} in again` : 'Bring in figures'}</h1>
            <p className="quiet">
              {source
                ? 'The same preparation runs on the new file; every chart drawn from it follows.'
                : 'See how the file is understood, and correct it, before anything is stored.'}
            </p>
          </div>
          {understanding && upload && (
            <Acts
              name={source ? null : delivery.name}
              rows={understanding.ofRows === null ? countRows(understanding.rows) : 'all rows'}
              busy={work !== null}
              ready={delivery.ready}
              onName={delivery.setName}
              onStore={delivery.store}
              onAnother={delivery.forget}
            />
          )}
        </div>
        {problem && (
          <p className="problem" role="alert">
            {problem}
          </p>
        )}
        {work && <WorkLine work={work} />}
        {!upload && !work && (
          <StartPanel onFile={delivery.take} canType={!source} limits={delivery.limits} />
        )}
        {upload && !understanding && !work && (
          <div className="row below-problem">
            <Button onClick={delivery.forget}>Choose another file</Button>
          </div>
        )}
        {understanding && source && (
          <ModeField
            choice={delivery.choice}
            columns={understanding.columns.map((column) => column.name)}
            onChange={delivery.choose}
          />
        )}
        {changes && (
          <WhatChanges changes={changes} onMended={() => delivery.choose(delivery.choice)} />
        )}
        {understanding && (
          <Understood
            {...{ understanding, given }}
            title={titleOf(upload?.fileName ?? '', understanding.file)}
            onDecide={delivery.decide}
          />
        )}
      </main>
    </>
  );
}

interface ActsProps {
  /** the name of a new source; null for one that has its name */
  name: string | null;
  /** how many rows come, in words */
  rows: string;
  busy: boolean;
  ready: boolean;
  onName: (name: string) => void;
  onStore: () => void;
  onAnother: () => void;
}

function Acts({ name, rows, busy, ready, onName, onStore, onAnother }: ActsProps) {
  return (
    <div className="row bring-in-acts">
      {name !== null && (
        <Input
          value={name}
          aria-label="Name of the source"
          maxLength={120}
          onChange={(event) => onName(event.target.value)}
        />
      )}
      <Button disabled={busy} onClick={onAnother}>
        Another file
      </Button>
      <Button primary onClick={onStore} disabled={busy || !ready}>
        Bring in {rows}
      </Button>
    </div>
  );
}

/** How far long work is; it can be stopped, and then leaves nothing. */
function WorkLine({ work }: { work: Work }) {
  return (
    <div className="sheet working" role="status">
      <span>{work.doing}</span>
      <Progress
        percent={Math.round((work.share ?? 0) * 100)}
        showInfo={work.share !== null}
        status="active"
      />
      <Button onClick={() => work.stop.abort()}>Stop</Button>
    </div>
  );
}
