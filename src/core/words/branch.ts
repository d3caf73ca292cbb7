import { asSentence, sayMove, sayPreference, sayShownClause, sayWhen } from './tree';
import { sayMidway, sayOutcome, sayPrevented } from './onTheWay';
import { ENDING_WORDS } from './vocabulary';
import { findValue, indexOf, positionOf, type Position, type Transition, type TransitionId, type TreeDocument } from '../tree';

function sayCue(from: Position, transition: Transition): string | null {
  const words = sayWhen(from, transition.when);
  if (words === '') return null;
  const cues = Object.values(transition.when ?? {})
    .flat()
    .flatMap((id) => findValue(from, id)?.value.cue ?? []);
  return `${words}${cues.length > 0 ? ` (${cues.join('; ')})` : ''}`;
}

/** One step: what you see, what you do, where you are then, what to watch. */
function sayStep(tree: TreeDocument, transition: Transition): string[] {
  const index = indexOf(tree);
  const [from, to] = [positionOf(index, transition.from), positionOf(index, transition.to)];
  const cue = sayCue(from, transition);
  const done = sayMove(transition);
  const lines = [asSentence(cue ? `if ${cue}, ${done}` : done), ...(transition.reason ? [asSentence(`why: ${transition.reason}`)] : [])];
  lines.push(asSentence(to.ends ? `that is ${to.name}: ${ENDING_WORDS[to.ends]}` : `now it is ${to.name}`));
  for (const outcome of transition.outcomes ?? []) lines.push(asSentence(`but ${sayOutcome(tree, from, outcome)}`));
  if (to.tempo === 'actNow' && !to.ends)
    lines.push(asSentence(`act at once${to.windowCloses ? `, before ${to.windowCloses.replace(/^when /, '')}` : ''}`));
  const stops = (transition.stoppedBy ?? [])
    .flatMap((id) => findValue(from, id) ?? [])
    .map(({ read, value }) => sayShownClause(read, value.name));
  if (stops.length > 0) lines.push(asSentence(`it fails if ${stops.join(' or ')}`));
  const prevented = sayPrevented(transition);
  if (prevented !== null) lines.push(asSentence(prevented));
  for (const item of transition.midway ?? []) lines.push(asSentence(sayMidway(tree, item)));
  for (const parameter of transition.parameters ?? []) lines.push(asSentence(sayPreference(tree, parameter)));
  const hoped = (transition.provokes ?? []).flatMap((id) => findValue(to, id) ?? findValue(from, id) ?? []);
  if (hoped.length > 0)
    lines.push(asSentence(`you want him to show: ${hoped.map(({ read, value }) => sayShownClause(read, value.name)).join(' or ')}`));
  for (const { error, correction } of transition.mistakes ?? [])
    lines.push(asSentence(`watch: ${error}${correction ? `; instead ${correction}` : ''}`));
  for (const hazard of [...(transition.hazards ?? []), ...(to.hazards ?? [])]) lines.push(asSentence(`take care: ${hazard}`));
  return lines;
}

/**
 * A branch in plain words, for print and for reading aloud: a paragraph for each transition, the first one naming the
 * place. Pre: the ids form a path of the tree.
 */
export function sayBranch(tree: TreeDocument, branch: readonly TransitionId[]): string[] {
  const index = indexOf(tree);
  const transitions = branch.map((id) => index.transitions.get(id)!);
  const first = transitions[0];
  if (!first) return [];
  const start = positionOf(index, first.from);
  const opening = asSentence(`start in ${start.name}${start.tempoReason ? `: ${start.tempoReason}` : ''}`);
  return transitions.map((transition, i) => [...(i === 0 ? [opening] : []), ...sayStep(tree, transition)].join(' '));
}
