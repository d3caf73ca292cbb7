import { checkRuleCard, type RuleSet } from '@/core/tree';
import { describeTreeError } from '@/core/words';
import { plainDocument } from '../plain';
import { ruleSetSchema } from '../tree/schema';

export const ruleCardKind = plainDocument(ruleSetSchema, (document) =>
  checkRuleCard(document as unknown as RuleSet).map(describeTreeError),
);
