import { z } from 'zod'

/**
 * Some fields of an object, each as the object has it. A field that is left out stays as it is, so no default is
 * filled in for it.
 */
export function changeOf<Fields extends z.ZodRawShape>(
  fields: Fields,
): z.ZodType<Partial<z.infer<z.ZodObject<Fields>>>> {
  const optional = Object.entries(fields).map(([name, field]) => {
    const isFilledIn = field instanceof z.ZodDefault || field instanceof z.ZodPrefault
    const plain = isFilledIn ? field.unwrap() : field
    return [name, z.optional(plain as z.ZodType)]
  })
  // Each field is the one of the object, but for its default.
  return z.strictObject(Object.fromEntries(optional) as z.ZodRawShape) as unknown as z.ZodType<
    Partial<z.infer<z.ZodObject<Fields>>>
  >
}
