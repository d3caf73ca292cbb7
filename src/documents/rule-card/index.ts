import { checkRuleCard, describeTreeError, type RuleSet } from '@/core/tree';
import { plainDocument } from '../plain';
import { ruleSetSchema } from '../tree/schema';

export const ruleCardKind = plainDocument(ruleSetSchema, (document) =>
  checkRuleCard(document as unknown as RuleSet).map(describeTreeError),
);
