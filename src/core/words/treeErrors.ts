import type { TreeError } from '../tree';

const REASONS: Record<TreeError['code'], (id: string) => string> = {
  'tree/duplicate-position': (id) => `the position id "${id}" is used twice`,
  'tree/duplicate-transition': (id) => `the transition id "${id}" is used twice`,
  'tree/duplicate-read': (id) => `the read id "${id}" is used twice here`,
  'tree/duplicate-value': (id) => `the value id "${id}" is used twice here; values are unique within their position`,
  'tree/duplicate-rule-set': (id) => `the rule set id "${id}" is used twice`,
  'tree/duplicate-profile': (id) => `the profile id "${id}" is used twice`,
  'tree/two-reaction-reads': (id) => `"${id}" is a second read of kind "reaction"; a position has at most one`,
  'tree/dangling-position': (id) => `there is no position "${id}"`,
  'tree/dangling-read': (id) => `there is no read "${id}" at that position`,
  'tree/dangling-value': (id) => `there is no value "${id}" at that position`,
  'tree/dangling-transition': (id) => `there is no transition "${id}"`,
  'tree/dangling-level': (id) => `the level "${id}" is not one of the rule set’s levels`,
  'tree/empty-when': (id) => `the read "${id}" is named without any value; leave the read out to admit all of its values`,
  'tree/duplicate-start': (id) => `the position "${id}" is a start twice`,
  'tree/markup': (text) => `the text "${text.slice(0, 60)}" contains markup or control characters; write it as plain words`,
};

/** One sentence that names the place and the reason. */
export const describeTreeError = (error: TreeError): string => `${error.where}: ${REASONS[error.code](error.id)}.`;
