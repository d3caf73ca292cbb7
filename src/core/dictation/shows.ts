import { NAME_LENGTH, splitCue, VALUE_KINDS, withNewValue, withValue, type TreeDocument, type ValueKind } from '../tree';
import { SHARE_CHOICES, VALUE_KIND_WORDS, valueKindTyped } from '../words';

/** One thing that he shows, as it was typed. */
export interface SpokenShow {
  readonly name: string;
  readonly kind: ValueKind;
  readonly share?: number;
}
export interface SpokenShows {
  /** The cue they are values of; null = what he does. */
  readonly cue: string | null;
  readonly shows: readonly SpokenShow[];
}

/** How often, and of which kind, by the words for it. */
export const SHARE_CALLED: ReadonlyMap<string, number> = new Map(SHARE_CHOICES);
export const KIND_CALLED: ReadonlyMap<string, ValueKind> = new Map(VALUE_KINDS.map((kind) => [VALUE_KIND_WORDS[kind], kind]));

/** Between things he does: a slash, with or without spaces, but not in a figure ("1/2"). */
const BETWEEN = /\s*(?:(?<!\d)\/|\/(?!\d))\s*/;
/** In a list of a cue's values a comma parts them as well; of what he does it is part of the words ("frames, then turns"). */
const BETWEEN_VALUES = /\s*(?:(?<!\d)\/|\/(?!\d)|,)\s*/;

/** "frames the hip, often": what stands behind the last comma is how often, if it is a word for that. */
function takeShare(item: string): { readonly name: string; readonly share?: number } {
  const [, name, word] = /^(.*\S)\s*,\s*(\S+)$/s.exec(item) ?? [];
  const share = word === undefined ? undefined : SHARE_CALLED.get(word.toLowerCase());
  return name === undefined || share === undefined ? { name: item } : { name, share };
}
/** "hides the arm (turn)": of which kind it is, where the words do not say it. */
function takeKind(item: string): { readonly name: string; readonly kind?: ValueKind } {
  const [, name, word] = /^(.*\S)\s*\(\s*([^()]+?)\s*\)$/s.exec(item) ?? [];
  const kind = word === undefined ? undefined : KIND_CALLED.get(word.toLowerCase());
  return name === undefined || kind === undefined ? { name: item } : { name, kind };
}

function spoken(item: string): SpokenShow {
  const outer = takeShare(item);
  const inner = takeKind(outer.name);
  // Either order: "(hook), often" and "often (hook)".
  const { name, share } = inner.kind && outer.share === undefined ? takeShare(inner.name) : { name: inner.name, share: outer.share };
  const kind = inner.kind ?? valueKindTyped(name);
  return { name, kind, ...(share === undefined ? {} : { share }) };
}

/** What is shown, by a line as it was typed: "frames / turns away, often", "his hips: flat, turned in". Empty items are left out. */
export function spokenShows(typed: string): SpokenShows {
  const { cue, rest } = splitCue(typed);
  const items = rest.split(cue === null ? BETWEEN : BETWEEN_VALUES).filter((item) => item.trim() !== '');
  if (cue === null) return { cue, shows: items.map((item) => spoken(item.trim())) };
  // A comma parts "out, often, middle": the word for how often belongs to what stands before it.
  const joined = items.reduce<string[]>(
    (list, item) =>
      list.length > 0 && SHARE_CALLED.has(item.toLowerCase()) ? [...list.slice(0, -1), `${list.at(-1)}, ${item}`] : [...list, item],
    [],
  );
  return { cue, shows: joined.map((item) => spoken(item.trim())) };
}

/** The names of a line that are too long to be kept. */
export const tooLong = (names: readonly string[]): readonly string[] => names.filter((name) => name.length > NAME_LENGTH);

export interface ShowAt {
  readonly read: string;
  readonly value: string;
}

/** Draws what is shown at a place; what is there already stays, with how often as it is said now. In the order typed. */
export function withShows(
  tree: TreeDocument,
  position: string,
  { cue, shows }: SpokenShows,
): { readonly tree: TreeDocument; readonly at: readonly ShowAt[] } {
  let now = tree;
  const at: ShowAt[] = [];
  for (const { name, kind, share } of shows) {
    const added = withNewValue(now, position, { name: cue === null ? name : `${cue}: ${name}`, kind });
    now = added.tree;
    at.push({ read: added.readId, value: added.valueId });
    if (share === undefined) continue;
    const value = now.positions
      .find((item) => item.id === position)!
      .reads.flatMap((read) => read.values)
      .find((item) => item.id === added.valueId)!;
    now = withValue(now, position, { ...value, share });
  }
  return { tree: now, at };
}
