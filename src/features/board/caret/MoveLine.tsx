'use client';
import { useState } from 'react';
import { PLACE_WORDS, spokenMove, spokenPlace, spokenShows, type SpokenMove } from '@/core/dictation';
import { indexOf, positionOf, type Transition } from '@/core/tree';
import { NONE_TO_REPEAT, NOT_DRAWN_HERE, sayDrawnAlready, sayUnknownPlaceWord, sayValue, WANTED } from '@/core/words';
import { Caret } from '@/ui/Caret';
import { showKey } from '../boardState';
import { fitsToo, landingCaret, outcomeCaret, nextBroken, takeMove, typeSaid, typeValue, type SpokenCaret } from '../typing/branch';
import { KEYS } from './keys';
import { lineOf, saysTooLong, type LineProps } from './line';
import { drawnHere, elsewhereOption, freshOption, moveOptions, saidOptions, sameOption, type LineOption } from '../typing/options';

const sameName = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();

const longIn = ({ name, toMakeHim }: SpokenMove): string | null => saysTooLong([name, ...(toMakeHim === null ? [] : [toMakeHim])]);

/** Says what I do about a show, or what he does if I fail. */
export function MoveLine(props: LineProps<SpokenCaret>) {
  const { tree, caret, catalogue, skipped, dispatch } = props;
  const [asked, setAsked] = useState<{ readonly typed: string; readonly same: Transition } | null>(null);
  const { shared, take } = lineOf(props);
  const position = positionOf(indexOf(tree), caret.position);
  const isMine = caret.kind === 'answer';
  const moveOf = (typed: string) => (isMine ? spokenMove(typed) : { name: typed.trim(), whatever: false, toMakeHim: null });
  const askedOf = (typed: string): Transition | null => (asked?.typed === typed ? asked.same : null);

  const optionsFor = (typed: string): LineOption[] => {
    if (isMine && typed.trim().startsWith('!')) return saidOptions(typed);
    const same = askedOf(typed);
    return same
      ? [sameOption(tree, same), freshOption(moveOf(typed).name, 'sameHeight'), elsewhereOption(same)]
      : moveOptions(tree, caret, typed, catalogue);
  };
  const pick = ({ takes }: LineOption, typed: string): unknown => {
    if (takes.kind === 'same') return take(fitsToo(tree, caret, takes.transition, skipped));
    if (takes.kind === 'elsewhere') return take({ type: 'caret', caret: outcomeCaret(caret, takes.transition) });
    if (takes.kind === 'known' && catalogue) return take(takeMove(tree, caret, takes.transition, catalogue, skipped));
    if (takes.kind === 'said') return enter(`! ${takes.word}`);
    return take({ type: 'caret', caret: landingCaret(caret, moveOf(typed)) });
  };
  /** "/ turns away": he shows more than is drawn; the question stays. */
  const more = (shows: string): string | null => {
    if (shows === '') return take({ type: 'caret', caret: { kind: 'value', position: caret.position } });
    const { cue, shows: said } = spokenShows(shows);
    const long = saysTooLong([...(cue === null ? [] : [cue]), ...said.map(({ name }) => name)]);
    if (long !== null) return long;
    if (said.length === 0) return WANTED.value;
    take({ ...typeValue(tree, caret.position, shows), caret });
    return '';
  };
  /** What only the answers have: signs in front of the line. */
  const sign = (typed: string): string | null | undefined => {
    if (typed === '+') {
      if (caret.kind !== 'answer' || !caret.after) return NONE_TO_REPEAT;
      return take({ type: 'caret', caret: { kind: 'answer', ...caret.after } });
    }
    if (typed.startsWith('/')) return more(typed.slice(1).trim());
    if (!typed.startsWith('!')) return undefined;
    const { said, means } = spokenPlace(typed);
    return means ? take(typeSaid(tree, position, said!, means)) : sayUnknownPlaceWord(said ?? '', PLACE_WORDS);
  };
  const enter = (typed: string): string | null => {
    const line = typed.trim();
    const wanted = isMine ? WANTED.answer : WANTED.fall;
    if (line === '') return wanted;
    const done = isMine ? sign(line) : undefined;
    if (done !== undefined) return done;
    if (line.startsWith('=')) {
      const same = drawnHere(tree, caret).find((transition) => sameName(transition.name, line.slice(1)));
      return same ? take(fitsToo(tree, caret, same, skipped)) : NOT_DRAWN_HERE;
    }
    const move = moveOf(typed);
    if (move.name === '') return wanted;
    const long = longIn(move);
    if (long !== null) return long;
    const same = move.whatever ? undefined : drawnHere(tree, caret).find((transition) => sameName(transition.name, move.name));
    if (same && !askedOf(typed)) {
      setAsked({ typed, same });
      return null;
    }
    return take({ type: 'caret', caret: landingCaret(caret, move) });
  };
  const shown = caret.value === null ? '' : `: ${sayValue(position, caret.value)}`;
  return (
    <Caret<LineOption>
      {...shared}
      said={`${position.name}${shown}`}
      lead={isMine ? 'I' : 'he'}
      label={isMine ? 'What I do then' : 'What he does if I fail'}
      hint={isMine ? 'cut the knee across …' : 'sweeps me, gets the hook back …'}
      optionsFor={optionsFor}
      onPick={pick}
      onEnter={enter}
      isAsked={(typed) => askedOf(typed) !== null}
      saysOf={(typed) => {
        const same = askedOf(typed);
        if (same) return sayDrawnAlready(same.name, positionOf(indexOf(tree), same.to).name);
        return /^\s*[!=/+]/.test(typed) ? '' : (longIn(moveOf(typed)) ?? '');
      }}
      keys={isMine ? KEYS.answer : KEYS.fall}
      {...(isMine ? { onNext: () => dispatch(passOver(props)) } : {})}
    />
  );
}

/** The show is passed over; the caret goes on to the next that has no answer. */
function passOver({ tree, caret, skipped }: LineProps<SpokenCaret>): { type: 'skip'; show: string; caret: ReturnType<typeof nextBroken> } {
  const show = caret.value === null ? '' : showKey(caret.position, caret.value);
  const after = caret.value === null ? null : { position: caret.position, value: caret.value };
  return { type: 'skip', show, caret: nextBroken(tree, after, new Set([...skipped, show])) };
}
