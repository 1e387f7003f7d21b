import { Select } from 'antd';

/** Something that can be added, in the words that will say it. */
export interface Addable {
  label: string;
  add: () => void;
}

/** What can be added to one kind of things, found by its words. */
export function AddMenu({ to, items }: { to: string; items: readonly Addable[] }) {
  return (
    <Select<number>
      className="say-more"
      variant="borderless"
      size="small"
      showSearch={{ optionFilterProp: 'label' }}
      popupMatchSelectWidth={false}
      placement="bottomRight"
      suffixIcon={null}
      aria-label={`Add to ${to}`}
      placeholder="Add"
      value={null}
      onChange={(place) => items[place]?.add()}
      options={items.map(({ label }, place) => ({ value: place, label }))}
    />
  );
}
