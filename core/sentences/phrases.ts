import isEqual from 'fast-deep-equal';
import type { About, Entry, Option, Setting, Slot, Spoken } from './entry';
import { suits } from './entries/name';
import { type Fields, get } from './fields';
import type { Names } from './names';
import { alternatives } from './setting';

/** A phrase of a sentence that sets something, as it stands. */
export interface Phrase {
  /** the fields on the way to what it sets, from the outside in */
  path: readonly string[];
  /** the words that lead to it from what stands before */
  lead: string;
  words: string;
  /** what it sets */
  label: string;
  entry: Entry<unknown>;
  value: unknown;
  /** what it is while nothing is said of it; left out: it is always said */
  plain?: { value: unknown };
}

/** What can be said beside what a sentence says. */
export interface Sayable {
  path: readonly string[];
  words: string;
  value: unknown;
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
const word = /[\p{L}%][\p{L}\s]*$/u;
/** Words that lead to a setting without telling what it is. */
const article = /^(the|a|an|their|its)$/;

/** What a setting is called: by its own name, or by the words that lead to it. */
export function labelOf(label: string, lead: string, { called = '' }: Setting): string {
  const words = lead.match(word)?.[0].trim() ?? '';
  return capital(label || (article.test(words) ? '' : words) || called || 'Which');
}

/**
 * The phrases of a sentence, in their order, and the words that end its fixed part before the options.
 * @param names what can be named; bare: as phrases are seen
 */
export function phrasesOf<Definition extends object>(
  sentence: Spoken<Definition>,
  definition: Definition,
  names: Names,
): { phrases: Phrase[]; tail: string } {
  const filled = sentence.filled(definition);
  const phrases: Phrase[] = [];
  let lead = '';
  for (const part of sentence.parts)
    if (typeof part === 'string') lead += part;
    else {
      phrases.push(phraseOf(part, lead, get(filled, [part.field]), names));
      lead = '';
    }
  for (const option of sentence.options) {
    const { entry } = option;
    const value = get(filled, option.path);
    const plain = plainOf(option, filled, names);
    if (isEqual(value, plain)) continue;
    const said = phraseOf({ ...option, label: entry.setting().called ?? 'also' }, '', value, names);
    phrases.push({ ...said, path: option.path, lead: option.lead, plain: { value: plain } });
  }
  return { phrases, tail: lead };
}

/** What an option is while nothing is said of it. */
const plainOf = ({ plain, plainBy }: Option, filled: Fields, names: Names): unknown =>
  plainBy ? plainBy(filled, names) : plain;

function phraseOf(
  { field = '', entry, label }: Pick<Slot, 'entry' | 'label'> & Partial<Slot>,
  lead: string,
  value: unknown,
  names: Names,
): Phrase {
  return {
    path: [field],
    lead,
    words: entry.print(value, names).trim(),
    label: labelOf(label, lead, entry.setting()),
    entry,
    value,
  };
}

/** Of more choices than these only the first is offered: the others stand where it is set. */
const mostChoices = 5;
/** More ways to say one thing are not offered at once. */
const mostOffered = 16;

/**
 * What can be said of a definition that is plain of it, each as it would be said.
 * @param about the chart and what is around it, for first drafts
 */
export function unsaid<Definition extends object>(
  sentence: Spoken<Definition>,
  definition: Definition,
  about: About,
): Sayable[] {
  const filled = sentence.filled(definition);
  return sentence.options.flatMap((option) => {
    const { path, entry } = option;
    const plain = plainOf(option, filled, about.names);
    if (!isEqual(get(filled, path), plain)) return [];
    return offered(entry, plain, about).map((value) => ({
      path,
      value,
      words: `${entry.print(value, about.names).trim()}`,
    }));
  });
}

/** The values with which something plain can begin to be said. */
function offered(entry: Entry<unknown>, plain: unknown, about: About): unknown[] {
  const setting = entry.setting();
  const inOrder = (values: readonly unknown[]) =>
    values.filter((value) => !isEqual(value, plain)).slice(0, mostOffered);
  if (setting.control === 'choice') {
    const all = inOrder(setting.choices.map(([value]) => value));
    return setting.choices.length > mostChoices ? all.slice(0, 1) : all;
  }
  const ways = alternatives(setting);
  const begun = ways.length > 0 ? ways.map((way) => way.entry) : [entry];
  return inOrder(begun.flatMap((each) => draftsOf(each, about)));
}

/**
 * What a thing can begin as: each kind of it, with each name that it can begin with.
 * @param about the chart and what is around it
 */
export function beginnings<Value>(entry: Entry<Value>, about: About): Value[] {
  const ways = alternatives(entry.setting());
  const kinds = ways.map((way) => kindIn(way.entry.setting()));
  const firsts = ways.filter(
    (_, place) => kinds[place] === undefined || kinds.indexOf(kinds[place]) === place,
  );
  const begun = firsts.length > 0 ? firsts.map((way) => way.entry) : [entry as Entry<unknown>];
  return begun.flatMap((each) => draftsOf(each, about)) as Value[];
}

const kindIn = (setting: Setting): unknown =>
  setting.control === 'sentence' ? setting.sentence.given.kind : undefined;

/** What can begin a sentence: where it begins with a choice or a name, each of those that there are. */
function draftsOf(entry: Entry<unknown>, about: About): unknown[] {
  const setting = entry.setting();
  const several = choicesIn(setting, about.names);
  if (several) return several;
  if (setting.control === 'several') return beginnings(setting.of, about).map((each) => [each]);
  const draft = entry.draft(about);
  if (setting.control !== 'sentence') return [draft];
  const { sentence } = setting;
  const first = sentence.parts.find((part) => typeof part !== 'string');
  if (!first) return [draft];
  // Where a sentence begins with another, it can begin as that can.
  const begun =
    first === sentence.parts[0]
      ? beginnings(first.entry, about)
      : choicesIn(first.entry.setting(), about.names);
  return (begun ?? []).length === 0
    ? [draft]
    : (begun ?? []).map((value) =>
        sentence.put(draft as object, [first.field], value, about.names),
      );
}

/** What can be chosen in a setting; null where nothing is chosen in it, or there is nothing to choose. */
function choicesIn(setting: Setting, names: Names): unknown[] | null {
  if (setting.control === 'choice') return setting.choices.map(([value]) => value);
  if (setting.control !== 'name' && setting.control !== 'column') return null;
  const known = setting.control === 'name' ? setting.of : (['column'] as const);
  const kinds = setting.control === 'name' ? setting.kinds : setting.kind && [setting.kind];
  const ids = known.flatMap((of) => names[of] ?? []).filter((each) => suits(each, kinds || []));
  return ids.length > 0 ? [...new Set(ids.map(({ id }) => id))] : null;
}

/**
 * Whether there is all that a sentence names first: a chart may hold nothing of that yet.
 * @param value as it was drafted
 */
export function isNamed(entry: Entry<unknown>, value: unknown): boolean {
  const setting = entry.setting();
  if (setting.control !== 'sentence') return true;
  return setting.sentence.parts.every(
    (part) =>
      typeof part === 'string' ||
      part.entry.setting().control !== 'name' ||
      get(value as Fields, [part.field]) !== '',
  );
}

/** The fields that a sentence says something of. */
const fieldsOf = (sentence: Spoken<object>): Set<string | undefined> =>
  new Set([
    ...Object.keys(sentence.given),
    ...sentence.parts.flatMap((part) => (typeof part === 'string' ? [] : [part.field])),
    ...sentence.options.map(({ path }) => path[0]),
  ]);

/**
 * The same thing said another way: what both ways hold is kept, and what neither speaks of.
 * @param before as it has been said
 * @param by what says it so
 */
export function saidAs(
  entry: Entry<unknown>,
  before: unknown,
  by: Entry<unknown>,
  about: About,
): unknown {
  const draft = entry.draft(about);
  const [setting, old] = [entry.setting(), by.setting()];
  if (setting.control !== 'sentence' || old.control !== 'sentence') return draft;
  const { sentence } = setting;
  const spoken = fieldsOf(old.sentence);
  const is = before as Fields;
  const unspoken = Object.entries(is).filter(([field]) => !spoken.has(field));
  const paths = [
    ...sentence.parts.flatMap((part) =>
      typeof part === 'string' ? [] : [{ path: [part.field], entry: part.entry }],
    ),
    ...sentence.options,
  ];
  return paths.reduce<object>(
    (value, { path, entry: each }) => {
      const own = get(old.sentence.filled(is), path);
      return each.fits(own) ? sentence.put(value, path, own, about.names) : value;
    },
    { ...Object.fromEntries(unspoken), ...(draft as object) },
  );
}
