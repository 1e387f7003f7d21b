import { api } from '../api';

/** Sources that were removed; each can be brought back. */
export function RemovedSources() {
  const { data: removed } = api.useRemovedSourcesQuery(undefined, {
    refetchOnMountOrArgChange: true,
  });
  const [restore] = api.useRestoreSourceMutation();
  if (!removed || removed.length === 0) return null;
  return (
    <details className="removed-sources">
      <summary>
        {removed.length === 1 ? '1 removed source' : `${removed.length} removed sources`}
      </summary>
      <ul className="plain-list">
        {removed.map(({ id, name, removedAt }) => (
          <li key={id} className="row">
            <span>{name}</span>
            <span className="quiet small">
              removed {new Date(removedAt).toLocaleDateString('en-GB', { dateStyle: 'medium' })}
            </span>
            <button
              type="button"
              className="act"
              onClick={() => void restore(id)}
              aria-label={`Bring ${name} back`}
            >
              Bring back
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
