import { Menu } from '../look';

/** What can be added to one kind of things. */
export function AddMenu({ items }: { items: { label: string; add: () => void }[] }) {
  return <Menu items={items.map(({ label, add }) => ({ label, act: add }))}>Add</Menu>;
}
