import isEqual from 'fast-deep-equal';
import { nothing } from './combined';
import type { About, Entry, Option, Setting, Slot, Spoken } from './entry';
import { type Fields, get, set, without } from './fields';
import type { Names } from './names';
import type { Read, Reader } from './reader';
import { filledIn, type Group, inOrder, silenceOf } from './silence';

/** What says a definition, and can be given more to say. */
export interface Said<Definition extends object> extends Entry<Definition> {
  /** the same, with the options of another sentence after its own */
  and<More extends object>(more: Sentence<More>): Said<Definition & More>;
}

/**
 * The sentence of one kind of thing, declared once: plain words, slots, and options that may stand in any
 * order after them. It writes a definition, and reads what it wrote. A sentence never changes; each step of
 * its declaration gives another.
 */
export class Sentence<Definition extends object> implements Said<Definition>, Spoken<Definition> {
  private silence: Fields | null = null;

  private constructor(
    readonly given: Fields,
    readonly parts: readonly (string | Slot)[],
    readonly options: readonly Option[],
    private readonly groups: readonly Group[],
  ) {}

  /** A sentence that says nothing yet, of definitions that all have some fields alike. */
  static of<Definition extends object>(given: Partial<Definition> = {}): Sentence<Definition> {
    return new Sentence<Definition>(given as Fields, [], [], []);
  }

  /** Plain words. */
  words(words: string): Sentence<Definition> {
    return new Sentence(this.given, [...this.parts, words], this.options, this.groups);
  }

  /**
   * A field that is always said.
   * @param label what it sets, where the words before it do not tell
   */
  slot<Field extends keyof Definition & string>(
    field: Field,
    entry: Entry<Definition[Field]>,
    label = '',
  ): Sentence<Definition> {
    const slot = { field, entry: entry as Entry<unknown>, label };
    return new Sentence(this.given, [...this.parts, slot], this.options, this.groups);
  }

  /**
   * A field that is said only when it is not plain.
   * @param lead what leads to it from what stands before
   */
  option<Field extends keyof Definition & string>(
    field: Field,
    plain: Definition[Field],
    entry: Entry<NonNullable<Definition[Field]>> | Entry<Definition[Field]>,
    lead: ', ' | ' ' = ', ',
  ): Sentence<Definition> {
    const option = { path: [field], plain, entry: entry as Entry<unknown>, lead };
    return new Sentence(this.given, this.parts, [...this.options, option], this.groups);
  }

  /**
   * A field that is said only when it is not what it would be beside all else that is said.
   * @param plainBy what it would be
   */
  optionBy<Field extends keyof Definition & string>(
    field: Field,
    plainBy: (definition: Definition, names: Names) => Definition[Field],
    entry: Entry<Definition[Field]>,
  ): Sentence<Definition> {
    const option = {
      path: [field],
      plain: undefined,
      plainBy: plainBy as unknown as NonNullable<Option['plainBy']>,
      entry: entry as Entry<unknown>,
      lead: ', ',
    };
    return new Sentence(this.given, this.parts, [...this.options, option], this.groups);
  }

  /**
   * A field whose own fields are options too.
   * @param plain what it is where nothing is said of it
   * @param leftOut whether it is left out of the definition then
   */
  group<Field extends keyof Definition & string>(
    field: Field,
    plain: NonNullable<Definition[Field]> & object,
    said: Sentence<NonNullable<Definition[Field]> & object>,
    leftOut: boolean,
  ): Sentence<Definition> {
    const under = (path: readonly string[]) => [field, ...path];
    const options = said.options.map((each) => ({ ...each, path: under(each.path) }));
    const inner = said.groups.map((each) => ({ ...each, path: under(each.path) }));
    // What is inside is put in order before what it is in.
    const groups = [...inner, { path: [field], plain, leftOut }];
    return new Sentence(
      this.given,
      this.parts,
      [...this.options, ...options],
      [...this.groups, ...groups],
    );
  }

  and<More extends object>(more: Sentence<More>): Sentence<Definition & More> {
    return new Sentence(
      { ...this.given, ...more.given },
      [...this.parts, ...more.parts],
      [...this.options, ...more.options],
      [...this.groups, ...more.groups],
    );
  }

  print(definition: Definition, names: Names): string {
    const fixed = this.parts.map((part) =>
      typeof part === 'string' ? part : part.entry.print(get(definition, [part.field]), names),
    );
    const filled = this.filled(definition);
    const said = this.options.flatMap(({ path, plain, plainBy, entry, lead }) => {
      const value = get(filled, path);
      const isPlain = isEqual(value, plainBy ? plainBy(filled, names) : plain);
      return isPlain ? nothing : [lead, entry.print(value, names)];
    });
    return [...fixed, ...said].join('').replace(/^[, ]+/, '');
  }

  read(at: number, reader: Reader): readonly Read<Definition>[] {
    return this.readFrom(this.plainly(), at, reader).map(({ value, to }) => ({
      value: this.ordered(value, reader.names) as Definition,
      to,
    }));
  }

  /** Reads what is said alone, be it plain, and nothing of what silence would say. */
  readSaid(at: number, reader: Reader): readonly Read<Partial<Definition>>[] {
    return this.readFrom({}, at, reader) as readonly Read<Partial<Definition>>[];
  }

  /** Writes what is said alone, be it plain. */
  printSaid(said: Partial<Definition>, names: Names): string {
    const written = this.options.flatMap(({ path, entry }) => {
      const value = get(said, path);
      return value === undefined ? nothing : [entry.print(value, names)];
    });
    return written.join(', ');
  }

  /** Every way to read a sentence, over what is there before it. */
  private readFrom(start: Fields, at: number, reader: Reader): readonly Read<Fields>[] {
    let found: readonly Read<Fields>[] = [{ value: start, to: at }];
    for (const part of this.parts)
      found = found.flatMap(({ value, to }): readonly Read<Fields>[] => {
        if (typeof part === 'string') {
          const next = reader.words(to, part);
          return next < 0 ? nothing : [{ value, to: next }];
        }
        return part.entry
          .read(to, reader)
          .map((each) => ({ value: set(value, [part.field], each.value), to: each.to }));
      });
    return found.flatMap(({ value, to }) => this.readOptions(value, to, reader, this.options));
  }

  /** Every way to go on with options, each of them once. */
  private readOptions(
    value: Fields,
    at: number,
    reader: Reader,
    left: readonly Option[],
  ): readonly Read<Fields>[] {
    // Nothing begins with a comma: where one stands, it leads to what comes after it.
    const next = reader.next(at);
    const from = reader.text[next] === ',' ? next + 1 : at;
    return [
      { value, to: at },
      ...left.flatMap((option) =>
        option.entry.read(from, reader).flatMap((each) =>
          this.readOptions(
            set(value, option.path, each.value),
            each.to,
            reader,
            left.filter((other) => other !== option),
          ),
        ),
      ),
    ];
  }

  /** A definition with what is said; silence leaves it as it is. */
  over<Whole extends Definition>(definition: Whole, said: Partial<Definition>): Whole {
    const changed = this.options.reduce<Fields>((value, { path }) => {
      const next = get(said, path);
      return next === undefined ? value : set(value, path, next);
    }, this.filled(definition));
    return this.ordered(changed, {}) as Whole;
  }

  draft(about: About): Definition {
    const slots = this.parts.filter((part) => typeof part !== 'string');
    const value = slots.reduce<Fields>(
      (said, { field, entry }) => set(said, [field], entry.draft(about)),
      this.plainly(),
    );
    return this.ordered(value, about.names) as Definition;
  }

  fits(value: unknown): boolean {
    if (typeof value !== 'object' || value === null) return false;
    const is = value as Fields;
    return (
      Object.entries(this.given).every(([field, each]) => isEqual(is[field], each)) &&
      this.parts.every((part) => typeof part === 'string' || part.entry.fits(is[part.field]))
    );
  }

  setting(): Setting {
    return { control: 'sentence', sentence: this as unknown as Spoken<object> };
  }

  put(definition: Definition, path: readonly string[], value: unknown, names: Names): Definition {
    const filled = this.filled(definition);
    const next = value === undefined ? without(filled, path) : set(filled, path, value);
    return this.ordered(next, names) as Definition;
  }

  /** All that is said by silence; worked out once, since a sentence never changes. */
  private plainly(): Fields {
    return (this.silence ??= silenceOf(this.given, this.options, this.groups));
  }

  filled(definition: Definition): Fields {
    return filledIn(definition as Fields, this.groups);
  }

  /** Fills in what else tells, and leaves out what is all plain, where definitions do. */
  private ordered(said: Fields, names: Names): Fields {
    return inOrder(said, this.options, this.groups, names);
  }
}
