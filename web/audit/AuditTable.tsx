import { type Audit, acts } from '../../contract';
import { Act, DataTable } from '../controls';

type Entry = Audit['entries'][number];

const outcomes: Record<Entry['outcome'], string> = {
  begun: 'begun, its end is not known',
  done: '',
  refused: 'refused',
  broken: 'broken off',
};

const written = (moment: string) =>
  new Date(moment).toLocaleString('en-GB', {
    dateStyle: 'medium',
    timeStyle: 'medium',
    timeZone: 'UTC',
  });

interface AuditTableProps {
  entries: readonly Entry[];
  /** asks for all of a person, or of a thing */
  onAsk: (more: Record<string, string>) => void;
}

/** What was done, a row each. */
export function AuditTable({ entries, onAsk }: AuditTableProps) {
  return (
    <DataTable<Entry>
      label="What was done"
      rows={entries}
      columns={[
        { key: 'at', title: 'When', className: 'audit-when', cell: ({ at }) => written(at) },
        {
          key: 'act',
          title: 'What',
          names: true,
          cell: ({ act, outcome }) => (
            <>
              {acts[act]}
              {outcomes[outcome] && <span className="off"> ({outcomes[outcome]})</span>}
            </>
          ),
        },
        {
          key: 'email',
          title: 'Who',
          cell: ({ email }) => email && <Act onClick={() => onAsk({ email })}>{email}</Act>,
        },
        {
          key: 'thing',
          title: 'To what',
          cell: ({ thing }) => thing && <Act onClick={() => onAsk({ thing })}>{thing}</Act>,
        },
        { key: 'about', title: 'Told besides', cell: ({ about }) => about },
        { key: 'address', title: 'From where', cell: ({ address }) => address },
      ]}
    />
  );
}
