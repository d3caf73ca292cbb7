import type { Filter } from '@/core/lens';

/** A filter as the query of an address, without the question mark; '' = no filter. Apart from its parsing: screens need no schema. */
export function queryOf(filter: Filter): string {
  const query = new URLSearchParams();
  const { context, ruleSet, age, level, school, profiles = [], against = [] } = filter;
  for (const [key, value] of Object.entries({ cloth: context, rules: ruleSet, age, level, school }))
    if (value !== undefined) query.set(key, String(value));
  for (const id of profiles) query.append('who', id);
  for (const id of against) query.append('against', id);
  return query.toString();
}
