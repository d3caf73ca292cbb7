import type { AnyDocument, Kind } from '../kind';
import { SMALL_BYTES } from '../kind';
import { unitsOfForm2 } from './former';
import { classSchema, repeatedUnits, type ClassDocument } from './schema';

/** Form 1 was the plan of a tree: it had no id or name of its own, and partners stood among the other people. */
function fromPlan(plan: AnyDocument, partners: ReadonlySet<string>): AnyDocument {
  const former = plan as unknown as AnyDocument & ClassDocument;
  const { profiles = [], ...filter } = former.filter ?? {};
  if (!former.filter) return former;
  const isPartner = (id: string): boolean => partners.has(`${former.tree}\n${id}`);
  const [own, against] = [profiles.filter((id) => !isPartner(id)), profiles.filter(isPartner)];
  return { ...former, filter: { ...filter, ...(own.length > 0 ? { profiles: own } : {}), ...(against.length > 0 ? { against } : {}) } };
}

export const classKind: Kind = {
  form: 3,
  body: classSchema,
  rows: {},
  maxRows: {},
  maxBytes: SMALL_BYTES,
  check: (document) => repeatedUnits((document as unknown as ClassDocument).units),
  normalise: (document) => document,
  upgrade: (document, form, { partners }) => ({
    document: unitsOfForm2(form < 2 ? fromPlan(document, partners) : document),
    beside: [],
  }),
  withRenamed(document, { renamed }) {
    const plan = document as unknown as ClassDocument;
    if (!plan.filter) return document;
    const now = (kinds: readonly string[], id: string): string =>
      kinds.map((kind) => renamed.get(`${plan.tree}\n${kind}\n${id}`)).find((found) => found !== undefined) ?? id;
    const { ruleSet, profiles, against, ...rest } = plan.filter;
    const people = (ids: readonly string[]) => ids.map((id) => now(['athlete', 'opponent'], id));
    const filter = {
      ...rest,
      ...(ruleSet === undefined ? {} : { ruleSet: now(['ruleCard'], ruleSet) }),
      ...(profiles ? { profiles: people(profiles) } : {}),
      ...(against ? { against: people(against) } : {}),
    };
    return { ...document, filter };
  },
};
