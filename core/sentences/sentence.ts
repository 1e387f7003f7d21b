import isEqual from 'fast-deep-equal';
import { nothing } from './combined';
import type { About, Entry, Option, Setting, Slot, Spoken } from './entry';
import { type Fields, get, set, without } from './fields';
import type { Names } from './names';
import type { Read, Reader } from './reader';

/** What says a definition, and can be given more to say. */
export interface Said<Definition extends object> extends Entry<Definition> {
  /** the same, with the options of another sentence after its own */
  and<More extends object>(more: Sentence<More>): Said<Definition & More>;
}

/** A part of a definition that only options say, as how a line is drawn. */
interface Group {
  path: readonly string[];
  plain: object;
  /** left out of the definition while all of it is plain */
  leftOut: boolean;
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
    const said = this.said(definition, names).flatMap(({ lead, text }) => [lead, text]);
    return [...fixed, ...said].join('').replace(/^[, ]+/, '');
  }

  /** The options of a definition that are not plain, each with what leads to it, and what it says. */
  said(definition: Definition, names: Names): { lead: string; path: string; text: string }[] {
    const filled = this.filled(definition);
    return this.options.flatMap(({ path, plain, plainBy, entry, lead }) => {
      const value = get(filled, path);
      return isEqual(value, plainBy ? plainBy(filled, names) : plain)
        ? nothing
        : [{ lead, path: path.join('.'), text: entry.print(value, names) }];
    });
  }

  read(at: number, reader: Reader): readonly Read<Definition>[] {
    let found: readonly Read<Fields>[] = [{ value: this.plainly(), to: at }];
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
    return found
      .flatMap(({ value, to }) => this.readOptions(value, to, reader, this.options))
      .map(({ value, to }) => ({ value: this.ordered(value, reader.names) as Definition, to }));
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

  /** A definition with what another says that is not plain; silence leaves it as it is. */
  over<Whole extends Definition>(definition: Whole, said: Definition): Whole {
    const [from, onto] = [this.filled(said), this.filled(definition)];
    const changed = this.options.reduce<Fields>((value, { path, plain }) => {
      const next = get(from, path);
      return isEqual(next, plain) ? value : set(value, path, next);
    }, onto);
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
    return (this.silence ??= this.silent());
  }

  private silent(): Fields {
    const groups = this.groups.reduceRight<Fields>(
      (value, { path, plain }) => set(value, path, plain),
      this.given,
    );
    return this.options.reduce<Fields>(
      (value, { path, plain }) => (plain === undefined ? value : set(value, path, plain)),
      groups,
    );
  }

  filled(definition: Definition): Fields {
    return this.groups.reduceRight<Fields>(
      (value, { path, plain }) =>
        get(value, path) === undefined ? set(value, path, plain) : value,
      definition as Fields,
    );
  }

  /** Fills in what else tells, and leaves out what is all plain, where definitions do. */
  private ordered(said: Fields, names: Names): Fields {
    const read = this.options.reduce<Fields>(
      (value, { path, plainBy }) =>
        plainBy && get(value, path) === undefined ? set(value, path, plainBy(value, names)) : value,
      said,
    );
    return this.groups.reduce<Fields>(
      (value, { path, plain, leftOut }) =>
        leftOut && isEqual(get(value, path), plain) ? without(value, path) : value,
      read,
    );
  }
}
