import { Form, Input, Modal } from 'antd';
import { useNavigate } from 'react-router';
import { newDashboardBody } from '../../contract';
import { api, sayProblem } from '../api';
import { Controls, yupRule } from '../controls';

/** Names a new dashboard, and opens it. */
export function NewDashboard({ onClose }: { onClose: () => void }) {
  const [form] = Form.useForm<{ title: string }>();
  const [make, making] = api.useMakeDashboardMutation();
  const navigate = useNavigate();
  const create = async ({ title }: { title: string }) => {
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';
    const made = await make({ title, zone });
    if (made.data) await navigate(`/dashboards/${made.data.id}`);
  };
  return (
    <Controls>
      <Modal
        open
        title="New dashboard"
        okText="Make it"
        onCancel={onClose}
        onOk={form.submit}
        okButtonProps={{ loading: making.isLoading }}
      >
        <Form
          form={form}
          layout="vertical"
          requiredMark={false}
          validateTrigger="onSubmit"
          scrollToFirstError={{ focus: true }}
          onFinish={(values) => void create(values)}
        >
          <Form.Item name="title" label="Title" rules={[yupRule(newDashboardBody, 'title')]}>
            <Input maxLength={160} autoFocus />
          </Form.Item>
        </Form>
        {making.error && <p className="problem">{sayProblem(making.error)}</p>}
      </Modal>
    </Controls>
  );
}
