import { Form, Input } from 'antd';
import { nameBody, type Person } from '../../contract';
import { api } from '../api';
import { yupRule } from '../controls';
import { toast } from '../hands';
import { SendPart } from './SendPart';

/** What others see of one. */
export function NamePart({ person }: { person: Person }) {
  const [change, changing] = api.useChangeNameMutation();
  const submit = async (values: { name: string }) => {
    await change(nameBody.cast(values)).unwrap();
    toast('Your name is changed.');
  };
  return (
    <section className="sheet account-part">
      <h2>Your name</h2>
      <p className="quiet">Colleagues see it beside what you write and share.</p>
      <Form
        layout="vertical"
        requiredMark={false}
        validateTrigger="onSubmit"
        initialValues={{ name: person.name }}
        onFinish={(values: { name: string }) => void submit(values).catch(() => undefined)}
      >
        <Form.Item name="name" label="Name" rules={[yupRule(nameBody, 'name')]}>
          <Input autoComplete="name" />
        </Form.Item>
        <SendPart label="Change the name" sending={changing} />
      </Form>
    </section>
  );
}
