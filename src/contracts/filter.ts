import { z } from 'zod';
import type { Filter } from '@/core/lens';
import { CONTEXTS } from '@/core/tree';
import { idSchema } from '@/documents/tree/schema';

const name = z.string().min(1).max(160);

/** For whom, against whom and under which rules a tree is looked at. */
export const filterSchema = z.strictObject({
  context: z.enum(CONTEXTS).optional(),
  ruleSet: idSchema.optional(),
  age: z.number().int().min(1).max(120).optional(),
  level: name.optional(),
  school: name.optional(),
  profiles: z.array(idSchema).max(16).optional(),
  against: z.array(idSchema).max(16).optional(),
});

const several = z
  .union([idSchema.transform((id) => [id]), z.array(idSchema).max(16)])
  .optional()
  .catch(undefined);
const params = z.object({
  cloth: z.enum(CONTEXTS).optional().catch(undefined),
  rules: idSchema.optional().catch(undefined),
  age: z.coerce.number().int().min(1).max(120).optional().catch(undefined),
  level: name.optional().catch(undefined),
  school: name.optional().catch(undefined),
  who: several,
  against: several,
});

/** The filter that an address carries; what is not understood is ignored. */
export function filterFromParams(found: Record<string, string | string[] | undefined>): Filter {
  const { cloth, rules, age, level, school, who, against } = params.parse(found);
  return filterSchema.parse({
    context: cloth,
    ruleSet: rules,
    age,
    level,
    school,
    ...(who ? { profiles: who } : {}),
    ...(against ? { against } : {}),
  });
}
