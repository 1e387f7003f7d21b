import type { FormItemProps } from 'antd';
import type { AnyObject, ObjectSchema } from 'yup';

type Rule = NonNullable<FormItemProps['rules']>[number];

/** A field of a form holds what the contract says of it, and says so in its words. */
export const yupRule = <Values extends AnyObject>(
  schema: ObjectSchema<Values>,
  name: keyof Values & string,
): Rule => ({
  validator: async (_, value: unknown) => {
    await schema.validateAt(name, { [name]: value });
  },
});
