'use client';
import { placeMeant } from '@/core/dictation';
import { WANTED } from '@/core/words';
import { Caret } from '@/ui/Caret';
import type { Caret as CaretState } from '../boardState';
import { openGuard, takeGuard, typeGuard } from '../typing/branch';
import { KEYS } from './keys';
import { lineOf, saysTooLong, type LineProps } from './line';
import { completedName, entryOptions, freshOption, placeOptions, type LineOption } from '../typing/options';
import { useQuestion } from './useQuestion';

/** Names the guard he shows, or the one I hold. */
export function GuardLine(props: LineProps<Extract<CaretState, { kind: 'guard' }>>) {
  const { tree, catalogue } = props;
  const question = useQuestion();
  const { shared, take } = lineOf(props);
  const optionsFor = (typed: string): LineOption[] => {
    if (typed.trim() === '') return [];
    const known = question.rows(typed) ?? [...placeOptions(tree, typed), ...entryOptions(tree, catalogue, typed)];
    return [...known, freshOption(typed, 'guard')];
  };
  const pick = ({ takes }: LineOption, typed: string): null => {
    if (takes.kind === 'place') return take(openGuard(tree, takes.position));
    return take(takes.kind === 'entry' ? takeGuard(tree, takes.entry) : typeGuard(tree, typed.trim()));
  };
  const enter = (typed: string): string | null => {
    if (typed.trim() === '') return WANTED.guard;
    const long = saysTooLong([typed.trim()]);
    if (long !== null) return long;
    const meant = placeMeant(tree, typed, catalogue);
    if (meant.kind === 'ask') return question.ask(typed, meant);
    return take(meant.kind === 'known' ? openGuard(tree, meant.position) : typeGuard(tree, meant.name, meant.entry));
  };
  return (
    <Caret
      {...shared}
      lead={tree.owner === 'passer' ? 'He shows' : 'I hold'}
      label={tree.owner === 'passer' ? 'Name the guard he shows' : 'Name the guard I hold'}
      hint="closed guard, knee shield …"
      optionsFor={optionsFor}
      onPick={pick}
      onEnter={enter}
      isAsked={question.isOne}
      saysOf={(typed) => question.says(typed) ?? saysTooLong([typed.trim()]) ?? ''}
      completed={(typed) => completedName(tree, typed)}
      onLines={(pasted) => take({ type: 'sheet', sheet: 'outline', pasted })}
      keys={KEYS.guard}
    />
  );
}
