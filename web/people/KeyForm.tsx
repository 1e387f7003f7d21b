import { Form } from 'antd';
import { type ReactNode, useId } from 'react';
import { SendPart } from './SendPart';

interface KeyFormProps<Values> {
  /** what its button says */
  label: string;
  /** the request that it sends */
  sending: { error?: unknown; isLoading: boolean };
  /** sends it; what is refused is said above the button */
  onSend: (values: Values) => Promise<unknown>;
  initialValues?: Partial<Values>;
  /** whether its fields are empty again once it was taken */
  clears?: boolean;
  /** whether its button is the one of the page */
  primary?: boolean;
  children: ReactNode;
}

/** A short form about one's account: some fields, and one button that sends them. */
export function KeyForm<Values extends object>({
  label,
  sending,
  onSend,
  initialValues,
  clears = false,
  primary = false,
  children,
}: KeyFormProps<Values>) {
  const [form] = Form.useForm<Values>();
  const name = useId();
  const send = async (values: Values) => {
    await onSend(values);
    if (clears) form.resetFields();
  };
  return (
    <Form<Values>
      // By it labels find their own fields, of several forms on a page.
      name={name}
      form={form}
      layout="vertical"
      requiredMark={false}
      validateTrigger="onSubmit"
      scrollToFirstError={{ focus: true }}
      initialValues={initialValues}
      onFinish={(values) => void send(values).catch(() => undefined)}
    >
      {children}
      <SendPart label={label} sending={sending} primary={primary} />
    </Form>
  );
}
