import { findUnanswered } from '../../structure';
import { exactly, type Finder } from '../finding';

export const unanswered: Finder<'unanswered'> = {
  isOfAnswers: true,
  find: (tree) =>
    exactly(findUnanswered(tree).map((gap) => ({ ...gap, kind: 'unanswered', key: `unanswered/${gap.position}/${gap.value}` }))),
};
