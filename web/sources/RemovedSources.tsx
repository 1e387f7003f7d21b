import { api } from '../api';
import { Act, Disclosure } from '../controls';

/** Sources that were removed; each can be brought back. */
export function RemovedSources() {
  const { data: removed } = api.useRemovedSourcesQuery(undefined, {
    refetchOnMountOrArgChange: true,
  });
  const [restore] = api.useRestoreSourceMutation();
  if (!removed || removed.length === 0) return null;
  return (
    <Disclosure
      title={removed.length === 1 ? '1 removed source' : `${removed.length} removed sources`}
    >
      <ul className="plain-list">
        {removed.map(({ id, name, removedAt }) => (
          <li key={id} className="row">
            <span>{name}</span>
            <span className="quiet small">
              removed {new Date(removedAt).toLocaleDateString('en-GB', { dateStyle: 'medium' })}
            </span>
            <Act onClick={() => void restore(id)} aria-label={`Bring ${name} back`}>
              Bring back
            </Act>
          </li>
        ))}
      </ul>
    </Disclosure>
  );
}
