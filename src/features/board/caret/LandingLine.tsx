'use client';
import { isSaidOf, PLACE_WORDS, placeMeant, spokenPlace } from '@/core/dictation';
import { indexOf, positionOf } from '@/core/tree';
import { AS_KNOWN, sayJoins, sayNewPlace, saySaidOfDrawn, sayUnknownPlaceWord, WANTED } from '@/core/words';
import { Caret } from '@/ui/Caret';
import { landOn, landOnEntry, landOnNew, landOnSaid, sayLine, type LandingCaret } from '../typing/branch';
import { KEYS } from './keys';
import { lineOf, saysTooLong, type LineProps } from './line';
import { completedName, freshOption, landingOptions, newLies, saidOptions, type LineOption } from '../typing/options';
import { useQuestion } from './useQuestion';

const STAYS = '.';

/** Says where a move lands: a place of the tree by its very name, or a new one. */
export function LandingLine(props: LineProps<LandingCaret>) {
  const { tree, caret, catalogue, skipped } = props;
  const question = useQuestion();
  const { shared, take } = lineOf(props);
  const from = positionOf(indexOf(tree), caret.position);
  const [usual] = newLies(tree, caret.actor, from);
  const once = { again: false, skipped };

  /** Why a line cannot be taken as it stands; null = it can. */
  const problemOf = (typed: string): string | null => {
    const { name, said, means } = spokenPlace(typed);
    if (said !== null && means === null) return sayUnknownPlaceWord(said, PLACE_WORDS);
    if (name === '') return WANTED.landing;
    return saysTooLong([name]);
  };
  const optionsFor = (typed: string): LineOption[] => {
    if (typed.trim() === '' || typed.trim() === STAYS) return [];
    if (typed.includes('!')) return saidOptions(typed);
    const { name } = spokenPlace(typed);
    const asked = question.rows(typed);
    return asked ? [...asked, freshOption(name, usual!.landing, usual!.says)] : landingOptions(tree, caret, name, catalogue);
  };
  const pick = ({ takes }: LineOption, typed: string): string | null => {
    const { name, means } = spokenPlace(typed);
    if (takes.kind === 'place') return take(landOn(tree, caret, takes.position.id, once));
    if (takes.kind === 'entry') return take(landOnEntry(tree, caret, takes.entry, once));
    if (takes.kind === 'new')
      return take(means ? landOnSaid(tree, caret, name, means, takes.landing, once) : landOnNew(tree, caret, name, takes.landing, once));
    return takes.kind === 'said' ? enter(`${name} ! ${takes.word}`, false) : null;
  };
  const enter = (typed: string, again: boolean): string | null => {
    if (typed.trim() === STAYS) return take(landOn(tree, caret, from.id, { again, skipped }));
    const problem = problemOf(typed);
    if (problem !== null) return problem;
    const { name, means } = spokenPlace(typed);
    const meant = placeMeant(tree, name, catalogue);
    if (meant.kind === 'ask') return question.ask(typed, meant);
    const then = { again, skipped };
    if (meant.kind === 'known') {
      return means === null || isSaidOf(meant.position, means)
        ? take(landOn(tree, caret, meant.position.id, then))
        : saySaidOfDrawn(meant.position.name);
    }
    const lie = meant.entry ?? usual!.landing;
    return take(means ? landOnSaid(tree, caret, name, means, lie, then) : landOnNew(tree, caret, name, lie, then));
  };
  const says = (typed: string): string => {
    const asked = question.says(typed);
    if (asked !== null) return asked;
    const { name, said, means } = spokenPlace(typed);
    if (name === '' || name === STAYS || (said !== null && means === null)) return '';
    const long = saysTooLong([name]);
    if (long !== null) return long;
    const meant = placeMeant(tree, name, catalogue);
    if (meant.kind === 'known') return sayJoins(meant.position.name);
    return meant.kind === 'ask' ? '' : sayNewPlace(means ? said! : meant.entry ? AS_KNOWN : usual!.says);
  };
  return (
    <Caret
      {...shared}
      said={sayLine(caret)}
      lead={caret.actor === 'owner' ? 'lands on' : 'he gets to'}
      label="Where it lands: a position of this tree, or a new one"
      hint="type a name"
      optionsFor={optionsFor}
      onPick={pick}
      onEnter={enter}
      isAsked={question.isOne}
      saysOf={says}
      completed={(typed) => completedName(tree, typed)}
      keys={KEYS.landing}
    />
  );
}
