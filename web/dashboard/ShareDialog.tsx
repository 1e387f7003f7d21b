import { Checkbox, Form, Input, Modal, Select } from 'antd';
import { useState } from 'react';
import { accessBody, type Sharing } from '../../contract';
import { api, sayProblem } from '../api';
import { Act, Button, Controls, yupRule } from '../controls';
import { toast } from '../hands';

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
      <Modal open title="Share this dashboard" onCancel={onClose} footer={null} width={560}>
        {error && <p className="problem">{sayProblem(error)}</p>}
        {sharing && <PeoplePart dashboardId={dashboardId} sharing={sharing} />}
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

interface Given {
  email: string;
  role: 'editor' | 'reader';
}

function PeoplePart({ dashboardId, sharing }: { dashboardId: number; sharing: Sharing }) {
  const [form] = Form.useForm<Given>();
  const [give, giving] = api.useGiveAccessMutation();
  const [take] = api.useTakeAccessMutation();
  const invite = async (given: Given) => {
    const { error } = await give({ id: dashboardId, ...given });
    if (!error) form.resetFields(['email']);
  };
  const change = (of: string) => (next: 'editor' | 'reader') =>
    void give({ id: dashboardId, email: of, role: next });
  return (
    <section className="share-part" aria-label="People">
      <h3>People</h3>
      <ul className="share-list">
        {sharing.people.map((person) => (
          <li key={person.id}>
            <span>
              {person.name} <span className="quiet small">{person.email}</span>
            </span>
            {person.role === 'owner' ? (
              <span className="quiet">owner</span>
            ) : (
              <GivenRole
                to={person.name}
                role={person.role}
                onChange={change(person.email)}
                onTake={() => void take({ id: dashboardId, email: person.email })}
              />
            )}
          </li>
        ))}
        {sharing.waiting.map(({ id, email: to, role: given }) => (
          <li key={`waiting ${id}`}>
            <span>
              {to} <span className="quiet small">not opened yet</span>
            </span>
            <GivenRole
              to={to}
              role={given as 'editor' | 'reader'}
              onChange={change(to)}
              onTake={() => void take({ id: dashboardId, email: to })}
            />
          </li>
        ))}
      </ul>
      <p className="quiet small">
        Whoever signs in by the address finds the dashboard among theirs. Who has no account yet
        makes one by it first.
      </p>
      <Form<Given>
        form={form}
        className="share-form"
        initialValues={{ email: '', role: 'reader' }}
        validateTrigger="onSubmit"
        scrollToFirstError={{ focus: true }}
        onFinish={(given) => void invite(given)}
      >
        <Form.Item name="email" rules={[yupRule(accessBody, 'email')]}>
          <Input placeholder="colleague@company.example" aria-label="E-mail of a colleague" />
        </Form.Item>
        <Form.Item name="role">
          <Select aria-label="Role of the colleague" className="share-role" options={roleChoices} />
        </Form.Item>
        <Button submit primary busy={giving.isLoading}>
          Give access
        </Button>
      </Form>
      {giving.error && (
        <p className="problem" role="alert">
          {sayProblem(giving.error)}
        </p>
      )}
    </section>
  );
}

/** What somebody may do here, to be changed or taken back. */
function GivenRole({
  to,
  role,
  onChange,
  onTake,
}: {
  to: string;
  role: 'editor' | 'reader';
  onChange: (role: 'editor' | 'reader') => void;
  onTake: () => void;
}) {
  return (
    <span className="row">
      <Select
        size="small"
        value={role}
        aria-label={`Role of ${to}`}
        onChange={onChange}
        options={roleChoices}
      />
      <Act onClick={onTake} aria-label={`Take back access from ${to}`}>
        Take back
      </Act>
    </span>
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

const madeOn = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

function LinksPart({ dashboardId, links }: { dashboardId: number; links: Sharing['links'] }) {
  const [make, making] = api.useMakeLinkMutation();
  const [takeBack] = api.useTakeLinkBackMutation();
  /** the tokens of links that were made here, by the ids of the links */
  const [tokens, setTokens] = useState<Record<number, string>>({});
  const makeOne = async () => {
    const { made } = await make(dashboardId).unwrap();
    if (made) setTokens((before) => ({ ...before, [made.id]: made.token }));
  };
  const copy = async (token: string) => {
    await navigator.clipboard.writeText(address(token));
    toast('Link copied.');
  };
  return (
    <section className="share-part" aria-label="Links">
      <h3>Links</h3>
      <p className="quiet small">
        Anybody who has a link can read this dashboard without an account, until you take it back.
        Copy its address when you make it: afterwards nobody can see it again, only take it back.
      </p>
      <ul className="share-list">
        {links.map(({ id, madeAt }) => (
          <li key={id}>
            {tokens[id] ? (
              <Input
                readOnly
                value={address(tokens[id])}
                aria-label="Link"
                onFocus={(event) => event.target.select()}
              />
            ) : (
              <span>
                A link <span className="quiet small">made {madeOn.format(new Date(madeAt))}</span>
              </span>
            )}
            <span className="row">
              {tokens[id] && <Act onClick={() => void copy(tokens[id] ?? '')}>Copy</Act>}
              <Act onClick={() => void takeBack({ id: dashboardId, linkId: id })}>
                Take the link back
              </Act>
            </span>
          </li>
        ))}
      </ul>
      <Button onClick={() => void makeOne().catch(() => undefined)} busy={making.isLoading}>
        Make a link
      </Button>
      {making.error && (
        <p className="problem" role="alert">
          {sayProblem(making.error)}
        </p>
      )}
    </section>
  );
}
