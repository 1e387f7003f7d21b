import './sentences.css';
import { Select, type SelectProps } from 'antd';
import { useState } from 'react';

/** Something that can be taken, in the words that will say it. */
export interface Takeable {
  label: string;
  take: () => void;
}

interface OfferedProps extends Pick<SelectProps, 'placement'> {
  label: string;
  /** what it says while it is closed */
  words: string;
  /** what is offered: worked out only when somebody asks for it */
  offers: () => readonly Takeable[];
}

/** A quiet handle that offers what can be taken, found by its words. */
export function Offered({ label, words, offers, placement }: OfferedProps) {
  const [open, setOpen] = useState(false);
  const all = open ? offers() : [];
  return (
    <Select<number>
      className="say-more"
      variant="borderless"
      size="small"
      open={open}
      onOpenChange={setOpen}
      showSearch={{ optionFilterProp: 'label' }}
      popupMatchSelectWidth={false}
      placement={placement}
      suffixIcon={null}
      aria-label={label}
      placeholder={words}
      value={null}
      onChange={(place) => all[place]?.take()}
      options={all.map((each, place) => ({ value: place, label: each.label }))}
    />
  );
}
