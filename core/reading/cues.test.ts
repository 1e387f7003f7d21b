import fc from 'fast-check';
import { type ColourRuleDefinition, dashes, ruleEffects } from '../chart';
import { draftRule } from '../editing';
import type { ConditionDefinition } from '../conditions';
import { cuesOf } from './cues';

const conditions: ConditionDefinition[] = [
  { kind: 'mark', is: 'off' },
  { kind: 'mark', is: 'on' },
  { kind: 'value', is: 'over', to: { kind: 'number', number: 1 } },
  { kind: 'change', is: 'up', percent: 10 },
];

const rule = fc
  .record({
    condition: fc.constantFrom(...conditions),
    effect: fc.constantFrom(...ruleEffects),
    dash: fc.option(fc.constantFrom(...dashes), { freq: 5 }),
  })
  .map((more): ColourRuleDefinition => ({
    ...draftRule('', 'a', more.condition, 'plum'),
    ...more,
  }));

it('tells up to eight rules of a series apart by more than their colour', () => {
  fc.assert(
    fc.property(fc.array(rule, { maxLength: 8 }), (drawn) => {
      const rules = drawn.map((each, at) => ({ ...each, id: String(at) }));
      const cues = cuesOf(rules);
      const unset = rules.filter(({ dash }) => dash === null);
      const told = (points: boolean) => {
        // Points have no dash of their own.
        const of = (points ? rules : unset).filter(
          ({ effect }) => (effect === 'points') === points,
        );
        return of.map(({ id }) => JSON.stringify(cues.get(id)));
      };
      expect(new Set(told(false)).size).toBe(told(false).length);
      expect(new Set(told(true)).size).toBe(Math.min(4, told(true).length));
      // An author's own choice stands alone.
      for (const { id, dash, effect } of rules)
        if (dash !== null && effect !== 'points')
          expect(cues.get(id)).toEqual({ heavier: false, dash, marker: null });
    }),
  );
});

it('draws what is on the mark plainly, and what is off it heavier, in whatever order they stand', () => {
  const [off, on] = conditions.map((condition, at) =>
    draftRule(String(at), 'a', condition, 'plum'),
  );
  for (const rules of [
    [off, on],
    [on, off],
  ] as ColourRuleDefinition[][]) {
    const cues = cuesOf(rules);
    expect([cues.get('0')?.heavier, cues.get('1')?.heavier]).toEqual([true, false]);
  }
});
