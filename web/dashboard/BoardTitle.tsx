import { useState } from 'react';
import { Act, TitleField } from '../hands';

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
        <TitleField
          label="Title of the dashboard"
          value={draft}
          onChange={setDraft}
          onDone={finish}
          onLeave={() => setDraft(null)}
        />
      </div>
    );
  return (
    <div className="board-title">
      <h1>{title}</h1>
      <Act onClick={() => setDraft(title)}>Rename</Act>
    </div>
  );
}
