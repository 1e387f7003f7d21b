import { Input, Modal } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, sayProblem } from '../api';
import { Controls } from '../controls';

/** Names a new dashboard, and opens it. */
export function NewDashboard({ onClose }: { onClose: () => void }) {
  const [title, setTitle] = useState('');
  const [make, making] = api.useMakeDashboardMutation();
  const navigate = useNavigate();
  const create = async () => {
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';
    const { id } = await make({ title, zone }).unwrap();
    await navigate(`/dashboards/${id}`);
  };
  return (
    <Controls>
      <Modal
        open
        title="New dashboard"
        okText="Make it"
        onCancel={onClose}
        onOk={() => void create()}
        okButtonProps={{ disabled: !title.trim(), loading: making.isLoading }}
      >
        <label className="field">
          <span>Title</span>
          <Input
            value={title}
            onChange={(event) => setTitle(event.target.value)}
            maxLength={160}
            autoFocus
            onPressEnter={() => title.trim() && void create()}
          />
        </label>
        {making.error && <p className="problem">{sayProblem(making.error)}</p>}
      </Modal>
    </Controls>
  );
}
