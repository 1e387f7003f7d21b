import { ConfigProvider, notification } from 'antd';
import { Act } from './Button';
import { Controls } from './Controls';

/** Seconds for which a word at the foot of the page is read, and its act pressed. */
const shownFor = 10;
let said = 0;

interface Said {
  words: string;
  act?: { label: string; run: () => void };
}

ConfigProvider.config({ holderRender: (holder) => <Controls>{holder}</Controls> });

/**
 * Says something at the foot of the page for a while.
 * @param act what can be done about it
 */
export function say({ words, act }: Said) {
  const key = `said-${(said += 1)}`;
  const run = () => {
    notification.destroy(key);
    act?.run();
  };
  notification.open({
    key,
    title: words,
    actions: act && <Act onClick={run}>{act.label}</Act>,
    placement: 'bottom',
    role: 'status',
    duration: shownFor,
    closable: false,
    className: 'said',
  });
}
