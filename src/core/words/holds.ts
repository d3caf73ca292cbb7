import { sayContact, sayLimb } from '../contacts';
import type { Blocking, GripFight, GripsAlong, HandOver, ShutByMine } from '../grips';
import type { Actor, Contact, OwnerRole, Transition } from '../tree';
import { plural } from './figures';

/** What happened to a limb between two steps. */
export const HAND_OVER_WORDS: { readonly [K in HandOver['kind']]: string } = {
  trade: 'traded',
  relocation: 'carried',
  taken: 'taken',
  released: 'let go',
};

/** Why a move is not there now, and what to do about it; '' = it is there. */
export function sayShut({ status, toBreak }: Blocking, transition: Pick<Transition, 'enabledBy'>): string {
  if (status === 'open') return '';
  if (status === 'blocked') return `shut: break ${toBreak.map(sayContact).join(' and ')}`;
  const sets = (transition.enabledBy ?? []).map((set) => set.map(sayContact).join(' with '));
  return `not yet: only when ${sets.join(', or ')} is on`;
}

/** What of mine stops a move of his, for certain or only where I kept it on the way; or what of mine lets him have it. */
export function sayShutByMine({ status, holds }: Pick<ShutByMine, 'status' | 'holds'>): string {
  const held = holds.map((contact) => sayContact(contact)).join(' and ');
  if (status === 'given') return `he has it only because I hold ${held}`;
  if (status === 'notYet') return `not unless I hold ${held}`;
  return status === 'shut' ? `shut while I hold ${held}` : `shut only if I keep ${held}`;
}

/** What letting go of a hold lets in, as he says it. */
export const sayLettingGo = (hold: string, lets: readonly string[]): string => `Letting go of ${hold} lets in: ${lets.join('; ')}.`;

/** What of his that is on has to go before a way is free. */
export const sayToBreak = (toBreak: readonly Contact[]): string =>
  toBreak.length > 0 ? `Break on it: ${toBreak.map(sayContact).join(' and ')}.` : 'Nothing of his that is on shuts it.';

const TRADES_SAID = 3;
/** How often each of my limbs trades along a way, and what survives longest; '' = nothing is written. */
export function sayHandsAlong({ load, survivals }: Pick<GripsAlong, 'load' | 'survivals'>): string {
  const longest = survivals.find((item) => item.steps > 1);
  const trades = load.slice(0, TRADES_SAID).map((item) => `${sayLimb(item)} ${item.trades}`);
  return [
    ...(trades.length > 0 ? [`Trades: ${trades.join(', ')}.`] : []),
    ...(longest ? [`Survives longest: ${sayContact(longest.contact)}, ${plural(longest.steps, 'step')}.`] : []),
  ].join(' ');
}

/** In a grip fight: whose hand is outside, and after which changes; '' = nobody's, or it never changes. */
export function sayOutside({ first, swaps }: GripFight): string {
  if (first === null || swaps.length === 0) return '';
  const whose = (athlete: Actor): string => (athlete === 'owner' ? 'mine' : 'his');
  const changes = swaps.map(({ step, outside }) => `, ${whose(outside)} from step ${step}`).join('');
  return `The outside hand is ${whose(first)} at first${changes}: ${plural(swaps.length, 'change')}.`;
}

/** Who is on top, at the first step and from a later one on. */
export const ROLE_WORDS: { readonly [K in OwnerRole]: { readonly at: string; readonly from: string } } = {
  top: { at: 'I am on top', from: 'I come on top' },
  below: { at: 'I am below', from: 'I go below' },
};
