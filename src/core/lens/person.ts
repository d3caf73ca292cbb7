/**
 * What one athlete says, said by the other: "I cut the knee across him" as "he cuts the knee across me". Words are changed where
 * they name who does it; what is not understood stays as it was typed.
 */

/** Words after which the same athlete does the next thing, too. */
const JOINED = /^(?:and|then|or)$/i;
const ADVERB = /^(?:always|never|also|now|first|then|just|only|often|still|already|quickly|slowly|cannot|can|must|will|may|should)$/i;
const MODAL = /^(?:cannot|can|must|will|may|should)$/i;
/** What a move begins with when it is a name and no verb. */
const NAMING =
  /^(?:inside|outside|inner|outer|double|single|knee|leg|foot|hip|body|arm|head|shoulder|ankle|near|far|left|right|back|under|over|low|high|long|short|standing|reverse|half|full|open|closed|front|side|the|a|an|my|his|both|one|two|hips|knees|legs|hands)$/i;
/** Verbs of the mat, by which a second verb is told from a noun: "cut across and pin the head". */
const VERBS = new Set(
  (
    'add backstep base break bring catch circle clear climb close come control cover cross cut dive drag drive drop duck elevate enter ' +
    'expose fall feed finish flare fold follow force frame free get give go grab grip hang have hide hip hold hook invert jump keep kick ' +
    'kneel knock lace lean leave let lift lock meet move open pass peel pin pinch pivot plant pop post press provoke pull pummel push put ' +
    'reach recover regrip release ride roll rotate run scissor settle shift shoot shuck sink sit slice slide smash snap spin split spread ' +
    'sprawl square squeeze stack stand start stay step stop straighten stretch strip swap sweep swim swing switch take tap threaten throw ' +
    'thread tie tighten toss trap trip tuck turn unhook unlock use walk weave wedge whip win windshield wrap wrestle'
  ).split(' '),
);

const IRREGULAR: ReadonlyMap<string, string> = new Map([
  ['am', 'is'],
  ['have', 'has'],
  ['do', 'does'],
  ['go', 'goes'],
]);
const BACK: ReadonlyMap<string, string> = new Map([...IRREGULAR].map(([first, third]) => [third, first]));
const sameCase = (like: string, word: string): string =>
  /^[A-Z]/.test(like) && like !== 'I' ? `${word.charAt(0).toUpperCase()}${word.slice(1)}` : word;

/** "cut" → "cuts", "push" → "pushes", "carry" → "carries". */
export function thirdPerson(verb: string): string {
  const known = IRREGULAR.get(verb.toLowerCase());
  if (known !== undefined) return sameCase(verb, known);
  if (/(?:s|x|z|ch|sh|o)$/i.test(verb)) return `${verb}es`;
  return /[^aeiou]y$/i.test(verb) ? `${verb.slice(0, -1)}ies` : `${verb}s`;
}
/** "cuts" → "cut", "pushes" → "push", "carries" → "carry"; what does not end so stays. */
export function firstPerson(verb: string): string {
  const known = BACK.get(verb.toLowerCase());
  if (known !== undefined) return sameCase(verb, known);
  if (/(?:ss|x|z|ch|sh|o)es$/i.test(verb)) return verb.slice(0, -2);
  if (/^[tld]ies$/i.test(verb)) return verb.slice(0, -1);
  if (/[^aeiou]ies$/i.test(verb)) return `${verb.slice(0, -3)}y`;
  return /[^s]s$/i.test(verb) ? verb.slice(0, -1) : verb;
}
const isThird = (word: string): boolean => BACK.has(word.toLowerCase()) || (VERBS.has(firstPerson(word.toLowerCase())) && /s$/i.test(word));

const PRONOUNS: ReadonlyMap<string, string> = new Map([
  ['me', 'him'],
  ['him', 'me'],
  ['my', 'his'],
  ['mine', 'his'],
  ['myself', 'himself'],
  ['himself', 'myself'],
]);

/** Pieces of a text: words, and what stands between them. */
const piecesOf = (text: string): string[] => text.match(/[\p{L}\p{N}’'-]+|[^\p{L}\p{N}’'-]+/gu) ?? [];
const isWord = (piece: string | undefined): piece is string => piece !== undefined && /[\p{L}\p{N}]/u.test(piece);

/** A text with who does it exchanged. `doing` = who its first word's verb is done by, where that is not said: 'I', 'he', null = nobody. */
export function otherPerson(text: string, doing: 'I' | 'he' | null = null): string {
  const pieces = piecesOf(text);
  const said: string[] = [];
  /** Whose verb comes next. */
  let next: 'I' | 'he' | null = doing;
  /** Who did the last thing, for what is joined to it. */
  let last: 'I' | 'he' | null = doing;
  pieces.forEach((piece, i) => {
    if (!isWord(piece)) {
      said.push(piece);
      if (/[.;:]/.test(piece)) last = null;
      return;
    }
    const lower = piece.toLowerCase();
    if (piece === 'I' || lower === 'he') {
      const isMine = piece === 'I';
      next = last = isMine ? 'I' : 'he';
      said.push(isMine ? (said.length === 0 ? 'He' : 'he') : 'I');
      return;
    }
    if (lower === 'his') {
      const after = pieces.slice(i + 1).find(isWord);
      const isAlone = after === undefined || /^[.,;:!?)]/.test((pieces[i + 1] ?? '').trim()) || JOINED.test(after);
      said.push(sameCase(piece, isAlone ? 'mine' : 'my'));
      next = null;
      return;
    }
    const other = PRONOUNS.get(lower);
    if (other !== undefined) {
      said.push(sameCase(piece, other));
      next = null;
      return;
    }
    if (next !== null && ADVERB.test(piece)) {
      said.push(piece);
      if (MODAL.test(piece)) next = null;
      return;
    }
    if (next !== null) {
      said.push(next === 'I' ? thirdPerson(piece) : firstPerson(piece));
      next = null;
      return;
    }
    const before = pieces.slice(0, i).filter(isWord).at(-1);
    const isJoined = last !== null && before !== undefined && JOINED.test(before);
    if (isJoined && last === 'I' && VERBS.has(lower)) said.push(thirdPerson(piece));
    else if (isJoined && last === 'he' && isThird(piece)) said.push(firstPerson(piece));
    else said.push(piece);
  });
  return said.join('');
}
/** What a move or a show is called by the other athlete, who does it: "I cut across" → "he cuts across", "frames" → "I frame". */
export function otherDoing(name: string, doing: 'I' | 'he'): string {
  const [first = ''] = name.split(/\s+/);
  if (/^(?:I|he)$/i.test(first)) return otherPerson(name).replace(/^He\b/, 'he');
  if (NAMING.test(first) || /^[A-Z]/.test(first)) return otherPerson(name);
  return `${doing === 'I' ? 'he' : 'I'} ${otherPerson(name, doing)}`;
}
