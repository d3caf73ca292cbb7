import { ownField } from '@/core/base';
import { getTargets, limbKey, sayLimb, sayTarget } from '@/core/contacts';
import type { Actor, Contact, ContactTarget } from '@/core/tree';
import { CENTRE, FACING, HALF, HEIGHT, LYING, WIDTH } from './spots';

export interface Point {
  readonly x: number;
  readonly y: number;
}
/** Which side of the page is near: -1 = left, 1 = right. */
export type Sign = -1 | 1;
export interface PairView {
  /** The athlete who lies, seen from above with the head up the page; the other faces up the page below him. */
  readonly lies: Actor;
  readonly near: Sign;
  /** Seen from the other end: the page turned by 180°. */
  readonly turned?: boolean;
}

/** A point of the page as it is looked at. */
export const seenAt = ({ turned }: PairView, x: number, y: number): Point => (turned ? { x: WIDTH - x, y: HEIGHT - y } : { x, y });

/** A limb: from which joint it reaches, over which parts, outermost last. */
const LIMBS = [
  { joint: 'shoulder', parts: [['elbow', 'crook of the elbow', 'biceps', 'triceps'], ['forearm'], ['wrist', 'hand', 'palm', 'fingers']] },
  {
    joint: 'hip',
    parts: [
      ['knee', 'back of the knee', 'thigh', 'inner thigh', 'hamstring'],
      ['shin', 'calf'],
      ['ankle', 'back of the ankle', 'heel', 'foot', 'instep', 'sole', 'toes'],
    ],
  },
] as const;

const bodyPart = (part: string): { name: string; side: 'left' | 'right' | null } => {
  const [, side, rest] = /^(left|right)([A-Z].*)$/.exec(part) ?? [];
  return rest === undefined
    ? { name: part, side: null }
    : { name: `${rest.charAt(0).toLowerCase()}${rest.slice(1)}`, side: side === 'left' ? 'left' : 'right' };
};

/** Seen from above the one who lies on his back has his left on the page's right; the one who faces up the page on its left. */
const signOf = (side: 'left' | 'right', lying: boolean): Sign => ((side === 'left') === lying ? 1 : -1);

export const isLying = (athlete: Actor, view: PairView): boolean => athlete === view.lies;

function spotAt(athlete: Actor, part: string, sign: number, view: PairView): Point {
  const spots = isLying(athlete, view) ? LYING : FACING;
  const [dx, y] = ownField(spots, part) ?? spots.belly!;
  return seenAt(view, CENTRE + sign * (getTargets().middle.includes(part) ? Math.max(dx, HALF) : dx), y);
}

/** Where a limb or a part of a body is at rest. */
export function restOf({ athlete, part }: Pick<Contact, 'athlete' | 'part'>, view: PairView): Point {
  const { name, side } = bodyPart(part);
  return spotAt(athlete, name, side ? signOf(side, isLying(athlete, view)) : 0, view);
}

function matSpot(contact: Contact, view: PairView): Point {
  const { side } = bodyPart(contact.part);
  const sign = side ? signOf(side, isLying(contact.athlete, view)) : view.near;
  const where = contact.target.spot ?? '';
  if (/between/.test(where)) return seenAt(view, CENTRE + sign * 12, 318);
  if (/head/.test(where)) return seenAt(view, CENTRE + sign * 46, 58);
  if (/shoulder|arm/.test(where)) return seenAt(view, CENTRE + sign * 104, 96);
  if (/hip|belt|ribs/.test(where)) return seenAt(view, CENTRE + sign * 106, 232);
  return isLying(contact.athlete, view) ? seenAt(view, CENTRE + sign * 106, 256) : seenAt(view, CENTRE + sign * 104, 451);
}

function signOfTarget(contact: Contact, { side, athlete, part = '' }: ContactTarget, view: PairView): number {
  if (athlete === 'mat') return 0;
  const lying = isLying(athlete, view);
  if (side === 'left' || side === 'right') return signOf(side, lying);
  const limb = bodyPart(contact.part).side;
  const own = limb ? signOf(limb, isLying(contact.athlete, view)) : null;
  // A hand reaches the other arm of its own body.
  if (athlete === contact.athlete && own !== null && isArm(part)) return -own;
  // On the one who faces up the page near and far are told from the limb that reaches for him.
  const near = lying ? view.near : (own ?? view.near);
  if (side) return side === 'near' ? near : -near;
  return getTargets().middle.includes(part) ? 0 : (own ?? near);
}

const isArm = (part: string): boolean => LIMBS[0].parts.some((names) => (names as readonly string[]).includes(part));

export interface Held {
  readonly contact: Contact;
  readonly at: Point;
}
export interface DrawnLimb {
  readonly athlete: Actor;
  readonly path: readonly Point[];
  /** It holds something: not at rest. */
  readonly reaches: boolean;
}
export interface DrawnPair {
  readonly held: readonly Held[];
  readonly limbs: readonly DrawnLimb[];
  /** Parts of the trunk that press or hook: from where, to where. */
  readonly links: readonly (Held & { readonly from: Point })[];
}

const between = (a: Point, b: Point, t: number): Point => ({ x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t });

/** A joint that bends outwards on the way. */
function bent(from: Point, to: Point, sign: number): Point {
  const middle = between(from, to, 0.5);
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  return { x: middle.x + sign * Math.min(20, length * 0.14), y: middle.y };
}

/** How far along a held arm a part of it lies, from the shoulder to the hand. */
const alongArm = (part: string): number => (/hand|palm|fingers/.test(part) ? 1 : part === 'wrist' ? 0.9 : part === 'forearm' ? 0.72 : 0.5);

/** Where a contact's target is drawn; a hand that itself reaches somewhere is held where it is. `depth`: how often that was so. */
function targetPoint(contacts: readonly Contact[], contact: Contact, view: PairView, depth = 0): Point {
  const { target } = contact;
  if (target.athlete === 'mat') return matSpot(contact, view);
  const sign = signOfTarget(contact, target, view);
  const part = target.part ?? 'belly';
  const whose = target.athlete;
  const limb = isArm(part) ? sign : 0;
  const side = signOf('left', isLying(whose, view)) === limb ? 'left' : 'right';
  const hand = contacts.find((item) => item.athlete === whose && item.part === `${side}Hand`);
  if (limb === 0 || !hand || depth >= 2) return spotAt(whose, part, sign, view);
  return between(spotAt(whose, 'shoulder', limb, view), targetPoint(contacts, hand, view, depth + 1), alongArm(part));
}

type Side = 'left' | 'right';
/** A limb from its joint: through what of it reaches somewhere, or at rest. */
function drawLimb(
  athlete: Actor,
  { joint, parts }: (typeof LIMBS)[number],
  side: Side,
  reaching: ReadonlyMap<string, Point>,
  view: PairView,
): DrawnLimb {
  const sign = signOf(side, isLying(athlete, view));
  const key = (part: string): string => `${athlete}|${side}${part.charAt(0).toUpperCase()}${part.slice(1)}`;
  const path = [spotAt(athlete, joint, sign, view)];
  let reaches = false;
  for (const [i, names] of parts.entries()) {
    const reached = names.map((name) => reaching.get(key(name))).find((point) => point !== undefined);
    if (!reached) continue;
    if (i >= 1 && path.length === 1) path.push(bent(path[0]!, reached, view.turned ? -sign : sign));
    path.push(reached);
    reaches = true;
  }
  if (!reaches) path.push(...parts.map((names) => spotAt(athlete, names[0], sign, view)));
  return { athlete, path, reaches };
}

const isTrunk = ({ part }: Contact): boolean => {
  const { name } = bodyPart(part);
  return !LIMBS.some(({ parts }) => parts.some((names) => (names as readonly string[]).includes(name)));
};

/** The two bodies with what is held: limbs reach to their spots, the trunk is linked to its own. */
export function drawPair(contacts: readonly Contact[], view: PairView): DrawnPair {
  const held = contacts.map((contact) => ({ contact, at: targetPoint(contacts, contact, view) }));
  const reaching = new Map(held.toReversed().map(({ contact, at }) => [limbKey(contact), at]));
  const limbs = (['owner', 'opponent'] as const).flatMap((athlete) =>
    LIMBS.flatMap((limb) => (['left', 'right'] as const).map((side) => drawLimb(athlete, limb, side, reaching, view))),
  );
  const links = held.filter(({ contact }) => isTrunk(contact)).map((item) => ({ ...item, from: restOf(item.contact, view) }));
  return { held, limbs, links };
}

/** Where a limb is drawn now: at what it holds, else at rest. */
export function limbPoint(limb: Pick<Contact, 'athlete' | 'part'>, { held }: DrawnPair, view: PairView): Point {
  return held.find(({ contact }) => limbKey(contact) === limbKey(limb))?.at ?? restOf(limb, view);
}

export interface MarginLabel {
  readonly limb: string;
  readonly target: string;
  readonly contact: Contact;
  readonly at: Point;
  readonly side: Sign;
  readonly y: number;
}
/** Two lines of words. */
const LABEL_STEP = 33;

/** Words for what is held, in the two margins: in the order of their heights, none over another. */
export function labelsOf(pair: DrawnPair): MarginLabel[] {
  const sided = pair.held.map(({ contact, at }) => {
    const side: Sign = at.x === CENTRE ? (bodyPart(contact.part).side === 'left' ? -1 : 1) : at.x < CENTRE ? -1 : 1;
    return { limb: sayLimb(contact), target: sayTarget(contact), contact, at, side };
  });
  return ([-1, 1] as const).flatMap((side) => {
    const list = sided.filter((item) => item.side === side).toSorted((a, b) => a.at.y - b.at.y);
    let free = 14;
    const down = list.map((item) => {
      const y = Math.max(free, item.at.y);
      free = y + LABEL_STEP;
      return { ...item, y };
    });
    // What was pushed off the foot of the page moves up again.
    let most = HEIGHT - 20;
    return down
      .toReversed()
      .map((item) => {
        const y = Math.min(item.y, most);
        most = y - LABEL_STEP;
        return { ...item, y };
      })
      .toReversed();
  });
}

/** Spots that can be pressed on a body once a limb has been named, as they are typed, with where they are. */
export function offeredSpots(limb: Pick<Contact, 'athlete' | 'part'>, view: PairView): { words: string; at: Point }[] {
  const other: Actor = limb.athlete === 'owner' ? 'opponent' : 'owner';
  const near = isLying(other, view) ? view.near : signOf(bodyPart(limb.part).side ?? 'left', isLying(limb.athlete, view));
  const sided = ['shoulder', 'armpit', 'elbow', 'wrist', 'ribs', 'hip', 'thigh', 'knee', 'shin', 'ankle', 'foot'];
  const middle = ['head', 'neck', 'chest', 'belly', 'hips'];
  return [
    ...sided.flatMap((part) => [
      { words: `near ${part}`, at: spotAt(other, part, near, view) },
      { words: `far ${part}`, at: spotAt(other, part, -near, view) },
    ]),
    ...middle.map((part) => ({ words: part, at: spotAt(other, part, 0, view) })),
  ];
}

/** Whether the other end of the page says more: who faces up the page is held in more places than who lies. */
export function turnedSaysMore(contacts: readonly Contact[], view: PairView): boolean {
  const held = contacts.filter(({ target }) => target.athlete !== 'mat');
  const onLying = held.filter(({ target }) => isLying(target.athlete as Actor, view)).length;
  return held.length - onLying > onLying;
}
