import { Checkbox, Input, Modal, Select } from 'antd';
import { useState } from 'react';
import type { Sharing } from '../../contract';
import { api, sayProblem } from '../api';
import { Controls } from '../controls';
import { Button, toast } from '../look';

/** Who may see a dashboard, and the links by which anybody can. */
export function ShareDialog({
  dashboardId,
  onClose,
}: {
  dashboardId: number;
  onClose: () => void;
}) {
  const { data: sharing, error } = api.useSharingQuery(dashboardId, {
    refetchOnMountOrArgChange: true,
  });
  return (
    <Controls>
      {' '}
      <Modal open title="Share this dashboard" onCancel={onClose} footer={null} width={560}>
        {error && <p className="problem">{sayProblem(error)}</p>}
        {sharing && <PeoplePart dashboardId={dashboardId} people={sharing.people} />}
        {sharing && <NotesPart dashboardId={dashboardId} readersNote={sharing.readersNote} />}
        {sharing && <LinksPart dashboardId={dashboardId} links={sharing.links} />}
      </Modal>
    </Controls>
  );
}

const roleChoices = [
  { value: 'reader' as const, label: 'may read' },
  { value: 'editor' as const, label: 'may edit' },
];

function PeoplePart({ dashboardId, people }: { dashboardId: number; people: Sharing['people'] }) {
  const [email, setEmail] = useState('');
  const [role, setRole] = useState<'editor' | 'reader'>('reader');
  const [give, giving] = api.useGiveAccessMutation();
  const [take] = api.useTakeAccessMutation();
  const invite = async () => {
    await give({ id: dashboardId, email, role }).unwrap();
    setEmail('');
  };
  return (
    <section className="share-part" aria-label="People">
      <h3>People</h3>
      <ul className="share-list">
        {people.map((person) => (
          <li key={person.id}>
            <span>
              {person.name} <span className="quiet small">{person.email}</span>
            </span>
            {person.role === 'owner' ? (
              <span className="quiet">owner</span>
            ) : (
              <span className="row">
                <Select
                  size="small"
                  value={person.role}
                  aria-label={`Role of ${person.name}`}
                  onChange={(next) =>
                    void give({ id: dashboardId, email: person.email, role: next })
                  }
                  options={roleChoices}
                />
                <button
                  type="button"
                  className="act"
                  onClick={() => void take({ id: dashboardId, personId: person.id })}
                  aria-label={`Take back access from ${person.name}`}
                >
                  Take back
                </button>
              </span>
            )}
          </li>
        ))}
      </ul>
      <form
        className="row"
        onSubmit={(event) => {
          event.preventDefault();
          invite().catch(() => undefined);
        }}
      >
        <Input
          placeholder="colleague@company.example"
          aria-label="E-mail of a colleague"
          value={email}
          onChange={(event) => setEmail(event.target.value)}
        />
        <Select
          value={role}
          onChange={setRole}
          aria-label="Role of the colleague"
          className="share-role"
          options={roleChoices}
        />
        <Button type="submit" primary busy={giving.isLoading}>
          Give access
        </Button>
      </form>
      {giving.error && (
        <p className="problem" role="alert">
          {sayProblem(giving.error)}
        </p>
      )}
    </section>
  );
}

function NotesPart({ dashboardId, readersNote }: { dashboardId: number; readersNote: boolean }) {
  const [change, { error }] = api.useLetReadersNoteMutation();
  return (
    <section className="share-part" aria-label="Notes of readers">
      <h3>Notes</h3>
      <Checkbox
        checked={readersNote}
        onChange={({ target }) => void change({ id: dashboardId, readersNote: target.checked })}
      >
        Readers with an account may write notes, and change their own
      </Checkbox>
      {error && (
        <p className="problem" role="alert">
          {sayProblem(error)}
        </p>
      )}
    </section>
  );
}

const address = (token: string) => `${window.location.origin}/shared/${token}`;

function LinksPart({ dashboardId, links }: { dashboardId: number; links: Sharing['links'] }) {
  const [make, making] = api.useMakeLinkMutation();
  const [takeBack] = api.useTakeLinkBackMutation();
  const copy = async (token: string) => {
    await navigator.clipboard.writeText(address(token));
    toast('Link copied.');
  };
  return (
    <section className="share-part" aria-label="Links">
      <h3>Links</h3>
      <p className="quiet small">
        Anybody who has a link can read this dashboard without an account, until you take it back.
      </p>
      <ul className="share-list">
        {links.map(({ id, token }) => (
          <li key={id}>
            <Input
              readOnly
              value={address(token)}
              aria-label="Link"
              onFocus={(event) => event.target.select()}
            />
            <span className="row">
              <button type="button" className="act" onClick={() => void copy(token)}>
                Copy
              </button>
              <button
                type="button"
                className="act"
                onClick={() => void takeBack({ id: dashboardId, linkId: id })}
              >
                Take the link back
              </button>
            </span>
          </li>
        ))}
      </ul>
      <Button onClick={() => void make(dashboardId)} busy={making.isLoading}>
        Make a link
      </Button>
    </section>
  );
}
