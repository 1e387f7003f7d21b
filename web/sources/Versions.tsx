import { countRows } from '../../core/preparation';
import type { SourceDetail } from '../../contract';
import { api, sayProblem } from '../api';
import { Act } from '../controls';

const modeWords: Record<string, string> = {
  replace: '',
  append: ', appended to what was there',
  update: ', updated by key',
  correct: ', corrected in place',
};

/** The versions of a source: what came in, when, by whom; each can be stood on again. */
export function Versions({ source }: { source: SourceDetail }) {
  const [stand, standing] = api.useStandOnVersionMutation();
  const { id, own, versions } = source;
  return (
    <section className="source-section sheet">
      <h2>Versions</h2>
      {standing.error && <p className="problem">{sayProblem(standing.error)}</p>}
      <ul className="plain-list">
        {versions.map((version) => (
          <li key={version.id} className="row">
            <span className="grow">
              {new Date(version.broughtInAt).toLocaleString('en-GB', {
                dateStyle: 'medium',
                timeStyle: 'short',
              })}
              , {countRows(version.rows)} from {version.fileName}
              {modeWords[version.mode]}
              {version.by && <span className="quiet">, by {version.by}</span>}
            </span>
            <Act href={`/api/sources/${id}/rows.csv?version=${version.id}`}>Write as CSV</Act>
            {version.current ? (
              <span className="quiet">in use</span>
            ) : (
              own && (
                <Act onClick={() => void stand({ id, versionId: version.id })}>Use this one</Act>
              )
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
