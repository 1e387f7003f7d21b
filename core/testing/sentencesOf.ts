import { alternatives, type Entry, type Spoken, type Way } from '../sentences';

/** Every sentence within a setting, those within its slots and options too. */
export function sentencesOf(entry: Entry<unknown>, seen = new Set<unknown>()): Way[] {
  const setting = entry.setting();
  const ways = alternatives(setting);
  if (setting.control === 'several') return sentencesOf(setting.of, seen);
  if (ways.length > 0)
    return ways.flatMap((way) =>
      way.entry.setting().control === 'sentence' && !seen.has(way.entry)
        ? [way, ...sentencesOf(way.entry, seen)]
        : [],
    );
  if (setting.control !== 'sentence' || seen.has(setting.sentence)) return [];
  seen.add(setting.sentence);
  const parts = setting.sentence.parts.flatMap((part) =>
    typeof part === 'string' ? [] : [part.entry],
  );
  const options = setting.sentence.options.map((option) => option.entry);
  return [
    { is: () => true, entry },
    ...[...parts, ...options].flatMap((each) => sentencesOf(each, seen)),
  ];
}

/** The sentence that is one way to say something. */
export function sentenceOf({ entry }: Way): Spoken<object> {
  const setting = entry.setting();
  if (setting.control !== 'sentence') throw new Error('Every way is a sentence.');
  return setting.sentence;
}
