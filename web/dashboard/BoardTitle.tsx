import { useState } from 'react';

/** A dashboard's title, which its editors can change. */
export function BoardTitle({
  title,
  onRename,
}: {
  title: string;
  onRename: (title: string) => void;
}) {
  const [draft, setDraft] = useState<string | null>(null);
  const finish = () => {
    if (draft !== null) onRename(draft);
    setDraft(null);
  };
  if (draft !== null)
    return (
      <div className="board-title">
        <input
          className="input"
          value={draft}
          aria-label="Title of the dashboard"
          maxLength={160}
          autoFocus
          onChange={(event) => setDraft(event.target.value)}
          onBlur={finish}
          onKeyDown={(event) => {
            if (event.key === 'Enter') finish();
            if (event.key === 'Escape') setDraft(null);
          }}
        />
      </div>
    );
  return (
    <div className="board-title">
      <h1>{title}</h1>
      <button type="button" className="act" onClick={() => setDraft(title)}>
        Rename
      </button>
    </div>
  );
}
