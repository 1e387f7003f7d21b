import { nameBody, type Person } from '../../contract';
import { api } from '../api';
import { toast } from '../hands';
import { KeyForm, NameField } from '../people';
import { AccountPart } from './AccountPart';

/** What others see of one. */
export function NamePart({ person }: { person: Person }) {
  const [change, changing] = api.useChangeNameMutation();
  const send = async (values: { name: string }) => {
    await change(nameBody.cast(values)).unwrap();
    toast('Your name is changed.');
  };
  return (
    <AccountPart title="Your name">
      <p className="quiet">Colleagues see it beside what you write and share.</p>
      <KeyForm
        label="Change the name"
        sending={changing}
        initialValues={{ name: person.name }}
        onSend={send}
      >
        <NameField label="Name" />
      </KeyForm>
    </AccountPart>
  );
}
