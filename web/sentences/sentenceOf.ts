import { type Entry, type Spoken, wayOf } from '../../core/sentences';

/** The sentence that says a thing as it is; null where its entry is none. */
export function sentenceOf(entry: Entry<unknown>, definition?: object): Spoken<object> | null {
  const way = definition && wayOf(entry.setting(), definition)?.entry;
  const setting = (way ?? entry).setting();
  return setting.control === 'sentence' ? setting.sentence : null;
}
