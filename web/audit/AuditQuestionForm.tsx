import { Form, Input } from 'antd';
import { acts } from '../../contract';
import { Act, Button, OptionalDateField, SelectField } from '../controls';

interface AuditQuestionFormProps {
  asked: Record<string, string | undefined>;
  onAsk: (more: Record<string, string | null>) => void;
}

const anything = 'anything';
const actChoices = [
  { value: anything, label: 'anything' },
  ...Object.entries(acts).map(([value, label]) => ({ value, label })),
];

/** By whom, what, to what, and when. */
export function AuditQuestionForm({ asked, onAsk }: AuditQuestionFormProps) {
  const { email = '', thing = '', act, from, until } = asked;
  const isAsked = Object.values(asked).some(Boolean);
  return (
    <div className="audit-question" role="search" aria-label="What was done">
      <Form<{ email: string; thing: string }>
        key={`${email} ${thing}`}
        layout="vertical"
        requiredMark={false}
        initialValues={{ email, thing }}
        onFinish={(written) => onAsk({ ...written })}
        className="audit-written"
      >
        <Written name="email" label="Who, by address" placeholder="anybody" />
        <Written name="thing" label="To what, as in dashboard 12" placeholder="anything" />
        <Button submit>Look</Button>
      </Form>
      <SelectField
        label="Which act"
        value={act ?? anything}
        options={actChoices}
        onChange={(chosen) => onAsk({ act: chosen === anything ? null : chosen })}
      />
      <OptionalDateField
        label="From"
        value={from ?? null}
        placeholder="the first"
        onChange={(day) => onAsk({ from: day })}
      />
      <OptionalDateField
        label="Until"
        value={until ?? null}
        placeholder="today"
        onChange={(day) => onAsk({ until: day })}
      />
      {isAsked && (
        <Act
          onClick={() => onAsk({ email: null, thing: null, act: null, from: null, until: null })}
        >
          Everything
        </Act>
      )}
    </div>
  );
}

/** A field in which something is written. */
const Written = ({
  name,
  label,
  placeholder,
}: {
  name: string;
  label: string;
  placeholder: string;
}) => (
  <label className="field">
    <span>{label}</span>
    <Form.Item name={name} noStyle>
      <Input placeholder={placeholder} autoComplete="off" />
    </Form.Item>
  </label>
);
