import './sentences.css';
import { Select, type SelectProps } from 'antd';
import { memo, type RefObject, useEffect, useRef, useState } from 'react';

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
export function Offered({ offers, ...handle }: OfferedProps) {
  const latest = useRef(offers);
  useEffect(() => {
    latest.current = offers;
  });
  return <Handle {...handle} latest={latest} />;
}

interface HandleProps extends Omit<OfferedProps, 'offers'> {
  latest: RefObject<OfferedProps['offers']>;
}

/** A page has many handles, and changes often: one is drawn anew only when it is opened. */
const Handle = memo(function Handle({ label, words, placement, latest }: HandleProps) {
  const [all, setAll] = useState<readonly Takeable[] | null>(null);
  return (
    <Select<number>
      className="say-more"
      variant="borderless"
      size="small"
      open={all !== null}
      onOpenChange={(open) => setAll(open ? latest.current() : null)}
      showSearch={{ optionFilterProp: 'label' }}
      popupMatchSelectWidth={false}
      classNames={{ popup: { root: 'offered-popup' } }}
      placement={placement}
      suffixIcon={null}
      aria-label={label}
      placeholder={words}
      value={null}
      onChange={(place) => all?.[place]?.take()}
      options={all?.map((each, place) => ({ value: place, label: each.label })) ?? []}
    />
  );
});
