import { mixed, number, object } from 'yup';
import { type DefinitionOf, type Kind, registry } from './index';

interface Shape<Definition extends { kind: string }> extends Kind<Definition> {
  area(definition: Definition): number;
}
const square: Shape<{ kind: 'square'; side: number }> = {
  kind: 'square',
  schema: () => object({ kind: mixed().oneOf(['square']).required(), side: number().required() }),
  area: ({ side }) => side * side,
};
const strip: Shape<{ kind: 'strip'; long: number; wide: number }> = {
  kind: 'strip',
  schema: () =>
    object({
      kind: mixed().required(),
      long: number().required(),
      wide: number().required(),
    }),
  area: ({ long, wide }) => long * wide,
};
const all = [square, strip];
type ShapeDefinition = DefinitionOf<(typeof all)[number]>;
const shapes = registry<Shape<ShapeDefinition>>('shape', all);

it('finds the kind of a definition, and keeps the order in which kinds are offered', () => {
  const wide: ShapeDefinition = { kind: 'strip', long: 3, wide: 2 };
  expect(shapes.of(wide).area(wide)).toBe(6);
  expect(shapes.kinds.map(({ kind }) => kind)).toEqual(['square', 'strip']);
  expect(() => shapes.of({ kind: 'round' as 'square' })).toThrow('There is no shape round.');
});

it.each([
  [{ kind: 'square', side: 2 }, null],
  [{ kind: 'square', wide: 2 }, 'side is a required field'],
  [{ kind: 'round', side: 2 }, 'There is no such shape.'],
  [{ side: 2 }, 'There is no such shape.'],
  [null, 'There is no such shape.'],
  ['square', 'There is no such shape.'],
])('holds %j against the schema of its kind', async (value, problem) => {
  const told = await shapes.schema.validate(value).then(
    () => null,
    ({ message }: Error) => message,
  );
  expect(told).toBe(problem);
});
