'use client';
import { PLACE_WORDS, spokenPlace, spokenShows } from '@/core/dictation';
import { indexOf, positionOf } from '@/core/tree';
import { NONE_TO_REPEAT, sayUnknownPlaceWord, WANTED } from '@/core/words';
import { Caret } from '@/ui/Caret';
import type { Caret as CaretState } from '../boardState';
import { nextBroken, typeSaid, typeValue } from '../typing/branch';
import { KEYS } from './keys';
import { lineOf, saysTooLong, type LineProps } from './line';
import { cueOptions, saidOptions, type LineOption } from '../typing/options';

/** A list that was pasted, its marks taken off, as one line. */
export const asOneLine = (lines: readonly string[]): string =>
  lines.map((line) => line.replace(/^\s*(?:[-*•]|\d+[.)])\s+/, '').trim()).join(' / ');

/** Says what he does or shows at a place, or what the place is. */
export function ShowLine(props: LineProps<Extract<CaretState, { kind: 'value' }>>) {
  const { tree, caret, skipped, dispatch } = props;
  const position = positionOf(indexOf(tree), caret.position);
  const { shared, take } = lineOf(props);
  const problemOf = (typed: string): string | null => {
    const { cue, shows } = spokenShows(typed);
    return saysTooLong([...(cue === null ? [] : [cue]), ...shows.map(({ name }) => name)]);
  };
  const enter = (typed: string): string | null => {
    if (typed.trim() === '') return WANTED.value;
    if (typed.trim() === '+') return caret.after ? take({ type: 'caret', caret: { kind: 'answer', ...caret.after } }) : NONE_TO_REPEAT;
    if (typed.trim().startsWith('!')) {
      const { said, means } = spokenPlace(typed);
      return means ? take(typeSaid(tree, position, said!, means)) : sayUnknownPlaceWord(said ?? '', PLACE_WORDS);
    }
    const problem = problemOf(typed);
    if (problem !== null) return problem;
    return spokenShows(typed).shows.length === 0 ? WANTED.value : take(typeValue(tree, caret.position, typed));
  };
  return (
    <Caret<LineOption>
      {...shared}
      said={position.name}
      lead={tree.isSwapped ? 'I' : 'he'}
      label="What he does or shows there"
      hint="frames / turns away, or his hips: flat / turned in"
      optionsFor={(typed) => (typed.trim().startsWith('!') ? saidOptions(typed) : cueOptions(typed))}
      onPick={({ takes }) => enter(takes.kind === 'said' ? `! ${takes.word}` : takes.kind === 'cue' ? takes.line : '')}
      onEnter={enter}
      saysOf={(typed) => problemOf(typed) ?? ''}
      ofLines={asOneLine}
      onNext={() => dispatch({ type: 'caret', caret: nextBroken(tree, null, skipped) })}
      keys={KEYS.value}
    />
  );
}
