import { Dropdown } from 'antd';

/** What can be added to one kind of things. */
export function AddMenu({ items }: { items: { label: string; add: () => void }[] }) {
  return (
    <Dropdown
      trigger={['click']}
      menu={{ items: items.map(({ label, add }) => ({ key: label, label, onClick: add })) }}
    >
      <button type="button" className="act">
        Add
      </button>
    </Dropdown>
  );
}
