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
        <Form.Item name="email" label="Who, by address">
          <Input type="email" placeholder="anybody" autoComplete="off" />
        </Form.Item>
        <Form.Item name="thing" label="What it was done to">
          <Input placeholder="anything, as in dashboard 12" />
        </Form.Item>
        <Button submit>Look</Button>
      </Form>
      <SelectField
        label="What was done"
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
