import {
  defaultsOf,
  heightOf,
  indexOf,
  landingsOf,
  LINES,
  ownerRoleOf,
  positionOf,
  type Position,
  type Transition,
  type TreeDocument,
} from '../tree';
import { sayByDefault } from './odds/chances';
import { inHundred, plural } from './figures';
import { sayMidway, sayOutcome } from './onTheWay';
import { sayShownAt, sayWhenever } from './routes';
import { asSentence, sayPreference } from './tree';
import { CONTEXT_WORDS, DISTANCE_WORDS, ENDING_WORDS, FAMILY_NAMES, KIND_WORDS, sayAttempt, STANCE_WORDS, TEMPO_WORDS } from './vocabulary';

type Said = string | false | undefined | null;
const sentences = (...parts: readonly Said[]): string =>
  parts
    .filter((part) => typeof part === 'string' && part !== '')
    .map((part) => asSentence(part as string))
    .join(' ');
const listed = (words: readonly string[] = []): string => words.join('; ');

/** Of a place or a move: why it is this one, what to look for, and what to take care of. */
const sayWhy = ({ reason, checkpoints = [], hazards = [] }: Pick<Position & Transition, 'reason' | 'checkpoints' | 'hazards'>): string =>
  sentences(reason, checkpoints.length > 0 && `look for: ${listed(checkpoints)}`, hazards.length > 0 && `take care: ${listed(hazards)}`);

/** What a place is said to be, part by part, as it is read before it is edited. */
export const sayPlace = {
  kind(tree: TreeDocument, position: Position): string {
    const { family, ends, unfinished, lines, aliases = [], wordingUnsure } = position;
    return sentences(
      FAMILY_NAMES[family],
      ownerRoleOf(tree, position) === 'below' && 'I am below',
      tree.starts.some((start) => start.position === position.id) && 'a round can start here',
      ends ? `the climb ends here: ${ENDING_WORDS[ends]}` : unfinished && sayAttempt(LINES[heightOf(lines)]),
      aliases.length > 0 && `also called ${aliases.join(', ')}`,
      wordingUnsure && 'the name is not sure yet',
    );
  },
  time({ tempo, tempoReason, windowCloses, tempoByContext = [] }: Position): string {
    return sentences(
      TEMPO_WORDS[tempo],
      tempoReason,
      windowCloses && `the chance is gone ${windowCloses}`,
      ...tempoByContext.map((item) => `${CONTEXT_WORDS[item.context]}: ${TEMPO_WORDS[item.tempo]}`),
    );
  },
  legs({ legRelation, stance, distance, signs = [] }: Position): string {
    return sentences(
      legRelation,
      stance && `I am ${STANCE_WORDS[stance]}`,
      distance && DISTANCE_WORDS[distance],
      signs.length > 0 && `${plural(signs.length, 'sign')} for the finder`,
    );
  },
  why: sayWhy,
  schools: ({ bySchool = [] }: Position): string =>
    sentences(
      ...bySchool.map(({ school, ends, lines, reason }) => {
        const told = [
          ends && (ends === 'goesOn' ? 'goes on here' : `ends here: ${ENDING_WORDS[ends]}`),
          lines && `clears ${lines.length === 0 ? 'nothing' : lines.join(', ')}`,
          reason && `because ${reason}`,
        ];
        return `${school} ${told.filter(Boolean).join(', ')}`;
      }),
    ),
  onward: ({ waysInAll, continuesIn, heSeesItFirst, readSkill }: Position): string =>
    sentences(
      waysInAll !== undefined && `about ${plural(waysInAll, 'way')} on in all`,
      continuesIn && 'goes on in another tree',
      heSeesItFirst && 'he sees my choice before I make it',
      readSkill !== undefined && `what he shows is read in time: ${inHundred(readSkill)}`,
    ),
  notes: ({ source, notes }: Position | Transition): string => sentences(notes, source && `from ${source}`),
};

const chance = (typed: number | undefined, byDefault: number): string =>
  typed === undefined ? sayByDefault(byDefault) : `${inHundred(typed)}, the coach’s guess`;

/** The same of a move. */
export const sayMoveParts = {
  chances(tree: TreeDocument, { actor, works, offCue, stopped, seconds, priority }: Transition): string {
    const defaults = defaultsOf(tree);
    return sentences(
      ...(actor === 'owner'
        ? [
            `when it fits it works ${chance(works, defaults.works)}`,
            offCue !== undefined && `when it does not fit ${chance(offCue, defaults.offCue)}`,
            stopped !== undefined && `when he does what stops it ${chance(stopped, defaults.stopped)}`,
          ]
        : []),
      seconds === undefined ? `${plural(defaults.seconds, 'second')} by default` : plural(seconds, 'second'),
      priority !== undefined && priority !== 0 && `priority ${priority}`,
    );
  },
  when(tree: TreeDocument, move: Transition): string {
    const from = positionOf(indexOf(tree), move.from);
    const stops = sayShownAt(from, move.stoppedBy ?? []);
    return sentences(sayWhenever(from, move), stops !== '' && `stopped if ${stops}`);
  },
  leads: (tree: TreeDocument, { from, outcomes = [] }: Transition): string =>
    sentences(...outcomes.map((outcome) => sayOutcome(tree, positionOf(indexOf(tree), from), outcome))),
  provokes(tree: TreeDocument, move: Transition): string {
    const places = [...new Set([...landingsOf(move), move.from])].map((id) => positionOf(indexOf(tree), id));
    const said = (move.provokes ?? []).flatMap((id) => places.map((place) => sayShownAt(place, [id])).find((words) => words !== '') ?? []);
    return sentences(said.length > 0 && said.join('; '));
  },
  choices: (tree: TreeDocument, { parameters = [] }: Transition): string =>
    sentences(
      ...parameters.map((parameter) =>
        parameter.values.length + (parameter.never ?? []).length > 0 ? sayPreference(tree, parameter) : parameter.name,
      ),
    ),
  onTheWay: (tree: TreeDocument, { midway = [] }: Transition): string => sentences(...midway.map((item) => sayMidway(tree, item))),
  why: sayWhy,
  fits(tree: TreeDocument, { preventedBy = [], fits, onFail, from }: Transition): string {
    const name = (id: string): string => positionOf(indexOf(tree), id).name;
    return sentences(
      preventedBy.length > 0 && `not if ${listed(preventedBy)}`,
      fits?.legRelations && `also from ${listed(fits.legRelations)}`,
      onFail !== undefined && `if it fails I am in ${onFail === from ? 'the same place' : name(onFail)}`,
    );
  },
  kind: ({ kind, schools = [], contexts = [], tags = [], announced, unsure }: Transition): string =>
    sentences(
      KIND_WORDS[kind],
      schools.length > 0 && `only ${schools.join(', ')}`,
      contexts.length > 0 && `only ${contexts.map((context) => CONTEXT_WORDS[context]).join(', ')}`,
      tags.length > 0 && `tags: ${tags.join(', ')}`,
      announced && 'named, not taught yet',
      unsure && 'the words are not sure yet',
    ),
  facts: ({ needs = [], makes = [], undoes = [] }: Transition): string =>
    sentences(
      needs.length > 0 && `needs ${listed(needs)}`,
      makes.length > 0 && `makes ${listed(makes)}`,
      undoes.length > 0 && `undoes ${listed(undoes)}`,
    ),
  mistakes: ({ mistakes = [] }: Transition): string =>
    sentences(...mistakes.map(({ error, correction }) => `${error}${correction === undefined ? '' : `; instead ${correction}`}`)),
};

/** What was changed, in the log: the words of the fields that are written as they are typed. */
export const FIELD_WORDS = {
  legRelation: 'the legs',
  tempoReason: 'why there is that time',
  windowCloses: 'when the chance is gone',
  source: 'where it comes from',
  notes: 'notes',
  reason: 'why',
  aliases: 'other names',
  hazards: 'care',
  checkpoints: 'what to look for',
} as const;
