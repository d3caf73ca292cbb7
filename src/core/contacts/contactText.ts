import { err, ok, once, type Result } from '../base';
import { CONTACT_JOBS, SIDES, SURFACES, type Actor, type Contact, type ContactTarget } from '../tree';
import { GARMENT, MIDDLE_PARTS, SIDED_PARTS } from './data/targets';

export interface Garment {
  readonly spot: string;
  readonly part: string;
  /** Part of the body that serves without the jacket; null = nothing does. */
  readonly without: string | null;
}

/** Everything that can be held: parts of the body, and spots of the garment over them. */
export const getTargets = once(() => ({
  middle: MIDDLE_PARTS.split(', '),
  sided: SIDED_PARTS.split(', '),
  garment: GARMENT.trim()
    .split('\n')
    .map((line): Garment => {
      const [, spot, part, without] = /^(.+) @ (.+) \| (.+)$/.exec(line)!;
      return { spot: spot!, part: part!, without: without === '-' ? null : without! };
    }),
}));

/** "leftHand" as "left hand"; a middle part is itself. */
const sayPart = (part: string): string => {
  const [, side, rest] = /^(left|right)([A-Z].*)$/.exec(part) ?? [];
  return side ? `${side} ${rest!.charAt(0).toLowerCase()}${rest!.slice(1)}` : part;
};
const partOf = (words: string): string => {
  const [, side, first, rest] = /^(left|right) (.)(.*)$/.exec(words) ?? [];
  return side ? `${side}${first!.toUpperCase()}${rest}` : words;
};

/** A limb that lies across a part ("right forearm across his hip"). */
const ACROSS = 'across';

const other = (athlete: Actor): Actor => (athlete === 'owner' ? 'opponent' : 'owner');

/** What holds: "left hand", "his right foot"; in a rule or a grip set "either hand". */
export const sayLimb = ({ athlete, part }: Pick<Contact, 'athlete' | 'part'>): string =>
  `${athlete === 'opponent' ? 'his ' : ''}${getTargets().sided.includes(part) ? 'either ' : ''}${sayPart(part)}`;

/** What is held: "far lapel inside", "own thigh", "mat beside the hip". */
export function sayTarget({ athlete, target: { athlete: whose, part, side, spot, surface } }: Pick<Contact, 'athlete' | 'target'>): string {
  if (whose === 'mat') return ['mat', spot].filter(Boolean).join(' ');
  if (spot === ACROSS) return [ACROSS, whose === athlete ? 'own' : '', side, part, surface].filter(Boolean).join(' ');
  const name =
    spot !== undefined && getTargets().garment.some((item) => item.spot === spot && item.part === part)
      ? spot
      : [part, spot && `at the ${spot}`].filter(Boolean).join(' ');
  return [whose === athlete ? 'own' : '', side, name, surface].filter(Boolean).join(' ');
}

/** A contact as a coach says it: "right hand far lapel inside or far collar to my hip: pin (thumb in) [both lapels]". */
export function sayContact(contact: Contact): string {
  const { at, job, quality, bundle, orElse = [] } = contact;
  const tail = [at && ` to ${at}`, job && `: ${job}`, quality && ` (${quality})`, bundle && ` [${bundle}]`];
  const targets = [contact.target, ...orElse].map((target) => sayTarget({ athlete: contact.athlete, target }));
  return `${sayLimb(contact)} ${targets.join(' or ')}${tail.filter(Boolean).join('')}`;
}

/** What can hold, in words: the sided parts as left and right, then the middle ones. */
export const getLimbNames = once(() => {
  const { middle, sided } = getTargets();
  return [...sided.flatMap((name) => [`left ${name}`, `right ${name}`]), ...middle];
});
const longestFirst = once(() => {
  const either = getTargets().sided.map((name) => `either ${name}`);
  return [...getLimbNames(), ...either].toSorted((a, b) => b.length - a.length);
});

/** The longest known part at the front of the words, or null. */
function takePart(words: string): { part: string; rest: string } | null {
  const found = longestFirst().find((name) => words === name || words.startsWith(`${name} `));
  return found === undefined ? null : { part: partOf(found.replace(/^either /, '')), rest: words.slice(found.length).trim() };
}

const FACING = { left: 'right', right: 'left' } as const;

function targetOf(athlete: Actor, part: string, words: string): ContactTarget | null {
  if (/^mat\b/.test(words)) return { athlete: 'mat', ...(words.length > 3 ? { spot: words.slice(4).trim() } : {}) };
  let rest = words;
  const take = (pattern: RegExp): string | undefined => {
    const found = pattern.exec(rest)?.[1];
    if (found !== undefined) rest = rest.replace(pattern, ' ').replace(/\s+/g, ' ').trim();
    return found;
  };
  const across = take(/^(across)\b/);
  const whose = take(/^(own|his|my|the)\b/);
  const own = whose === 'own' || whose === (athlete === 'owner' ? 'my' : 'his');
  const face = take(/(?:^|\s)(inside|outside)(?=\s|$)/);
  const surface = SURFACES.find((item) => item === face);
  const limb = /^(left|right)/.exec(part)?.[1] as keyof typeof FACING | undefined;
  const relative = take(/^(same-side|other-side)\b/);
  const word = take(/^(near|far|left|right|either(?: side)?)\b/);
  const said = SIDES.find((item) => item === word);
  // He faces me: what is on my left is his right.
  const facing = limb && relative ? (relative === 'same-side' ? FACING[limb] : limb) : undefined;
  const side = said ?? facing;
  if (rest === '') return null;
  const cloth = getTargets().garment.find((item) => item.spot === rest);
  const [, body, spot] = /^(.+?) at the (.+)$/.exec(rest) ?? [];
  const place = across
    ? { part: rest, spot: ACROSS }
    : cloth
      ? { part: cloth.part, spot: cloth.spot }
      : body && spot
        ? { part: body, spot }
        : { part: rest };
  return { athlete: own ? athlete : other(athlete), ...place, ...(side ? { side } : {}), ...(surface ? { surface } : {}) };
}

const LIMB_HINT = 'begin with what holds, as in “right hand far lapel” or “his left foot near hip”.';

/** A limb alone: "left hand", "his right foot". */
export function parseLimb(typed: string): Result<Pick<Contact, 'athlete' | 'part'>, string> {
  const limb = takePart(typed.replace(/^(his|my) /, ''));
  if (!limb || limb.rest !== '') return err(`“${typed}”: ${LIMB_HINT}`);
  return ok({ athlete: /^his /.test(typed) ? 'opponent' : 'owner', part: limb.part });
}

/** One contact as typed; the sentence says what is missing. An unknown spot is taken as it is, for a finding to name. */
export function parseContact(typed: string): Result<Contact, string> {
  const text = typed.trim().replace(/\s+/g, ' ');
  const [, main = '', at, job, quality, bundle] =
    /^(.+?)(?: to (.+?))?(?:: ([a-z]+))?(?: \(([^()]+)\))?(?: \[([^[\]]+)\])?$/.exec(text) ?? [];
  const athlete: Actor = /^his /.test(main) ? 'opponent' : 'owner';
  const words = main.replace(/^(his|my) /, '');
  const limb = takePart(words);
  if (!limb) return err(`“${text}”: ${LIMB_HINT}`);
  const targets = limb.rest.split(/ or /).map((words) => targetOf(athlete, limb.part, words));
  const [target, ...others] = targets.filter((item) => item !== null);
  if (!target || targets.includes(null)) return err(`“${text}”: say what it holds, as in “right hand far lapel”.`);
  const known = CONTACT_JOBS.find((item) => item === job);
  if (job !== undefined && !known) return err(`“${text}”: “${job}” is no job of a hold. There are ${CONTACT_JOBS.join(', ')}.`);
  return ok({
    athlete,
    part: limb.part,
    target,
    ...(others.length > 0 ? { orElse: others } : {}),
    ...(at ? { at } : {}),
    ...(known ? { job: known } : {}),
    ...(quality ? { quality } : {}),
    ...(bundle ? { bundle } : {}),
  });
}

/** Several contacts with commas between them; every one that is not understood is a sentence. */
export function parseContacts(typed: string): Result<Contact[], readonly string[]> {
  const parsed = typed
    .split(',')
    .map((item) => item.trim())
    .filter((item) => item !== '')
    .map(parseContact);
  const problems = parsed.flatMap((item) => (item.ok ? [] : [item.error]));
  return problems.length > 0 ? err(problems) : ok(parsed.flatMap((item) => (item.ok ? [item.value] : [])));
}

export interface UnknownSpot {
  readonly contact: Contact;
  readonly word: string;
}

/** Targets whose part or spot is not among the known ones. */
export function findUnknownSpots(contacts: readonly Contact[]): UnknownSpot[] {
  const { middle, sided, garment } = getTargets();
  const isKnown = (part: string): boolean => middle.includes(part) || sided.includes(part);
  return contacts.flatMap((contact) =>
    [contact.target, ...(contact.orElse ?? [])].flatMap(({ athlete, part, spot }): UnknownSpot[] => {
      if (athlete === 'mat') return [];
      if (spot !== undefined && spot !== ACROSS && !garment.some((item) => item.spot === spot)) return [{ contact, word: spot }];
      return part !== undefined && !isKnown(part) ? [{ contact, word: part }] : [];
    }),
  );
}
