import type { PositionId } from '../tree';
import {
  ACT_NOW_BAR,
  BAR,
  CUE_SIZE,
  GAP_SIZE,
  HUB_BAR,
  HUB_SIZE,
  LINE_HEIGHT,
  MIN_HUB_SECTION,
  MIN_SECTION,
  NAME_SIZE,
  SECTION_GAP,
  STUB_SIZE,
  TICKS_WIDTH,
} from './grid';
import { fitText, textWidth, wrapText } from './measure';
import type { Rung, Section } from './rungs';

export interface Label {
  readonly text: string;
  readonly x: number;
  /** Baseline. */
  readonly y: number;
}
export interface PlacedSection {
  readonly section: Section;
  readonly x: number;
  readonly width: number;
  /** The words of what he shows: above a broken section, below a plank; empty where the rung shows its name only. */
  readonly labels: readonly Label[];
  readonly feet: readonly number[];
}
export interface PlacedRung {
  readonly rung: Rung;
  readonly column: number;
  readonly span: number;
  readonly x: number;
  /** Top of the bar. */
  readonly y: number;
  readonly width: number;
  readonly thickness: number;
  readonly name: readonly Label[];
  readonly nameSize: number;
  readonly sections: readonly PlacedSection[];
  /** Names of far destinations, on leaning stubs. */
  readonly stubs: readonly Label[];
  readonly folded: readonly PositionId[];
  /** Lower edge of the fold's bars. */
  readonly foldY: number;
}

/** Room for an ending's bracket and word. */
const ENDING_HEIGHT = 22;
/** Room for the bars of a fold. */
const FOLD_HEIGHT = 10;

/** Height needed above (stubs, broken words, a hub's name) and below (name, cues) the bar. */
export interface RungExtent {
  readonly above: number;
  readonly below: number;
}

/** Endings good for the passer cap the ladder with a bracket. */
const isCapped = (rung: Rung): boolean => rung.ends !== null && (rung.zone === 'ladder' || rung.zone === 'back');

export const thicknessOf = (rung: Rung): number =>
  rung.hub ? HUB_BAR : rung.tempo === 'actNow' || rung.tempo === 'danger' ? ACT_NOW_BAR : BAR;
const cueLinesOf = (section: Section, width: number): string[] =>
  section.value === null ? [] : wrapText(section.name, CUE_SIZE, width - 4, 2);
const nameWidth = (rung: Rung, width: number): number => width - (rung.zone === 'ladder' || rung.zone === 'back' ? TICKS_WIDTH : 2);

/** Lines of cue text that the longest section of a plank needs. */
function cueRows(rung: Rung, width: number): number {
  const widths = sectionWidths(
    rung.sections.map((section) => section.share),
    width,
    MIN_HUB_SECTION,
  );
  return Math.max(1, ...rung.sections.map((section, i) => cueLinesOf(section, widths[i]!).length));
}

export function extentOf(rung: Rung, width: number, hasStubs: boolean, hasFold: boolean): RungExtent {
  if (rung.hub) return { above: HUB_SIZE + 3, below: cueRows(rung, width) * (LINE_HEIGHT - 1) + 6 };
  const broken = rung.sections.some((section) => section.broken);
  const name = wrapText(rung.name, NAME_SIZE, nameWidth(rung, width), 2).length;
  return {
    above: (broken || hasStubs ? LINE_HEIGHT : 0) + (hasFold ? FOLD_HEIGHT : 0) + (isCapped(rung) ? ENDING_HEIGHT : 4),
    below: Math.max(1, name) * (LINE_HEIGHT - 1) + 6,
  };
}

/** Section widths by share with a minimum, filling the rung; what the minimum costs is taken from the wide ones. */
export function sectionWidths(shares: readonly number[], width: number, minimum: number): number[] {
  const usable = width - SECTION_GAP * (shares.length - 1);
  const floor = Math.min(minimum, usable / shares.length);
  const free = usable - floor * shares.length;
  const sum = shares.reduce((total, share) => total + share, 0) || 1;
  return shares.map((share) => floor + (free * share) / sum);
}

export interface RungPlace {
  readonly column: number;
  readonly span: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
}

function placeSections(rung: Rung, place: RungPlace, ordered: readonly Section[]): PlacedSection[] {
  const widths = sectionWidths(
    ordered.map((section) => section.share),
    place.width,
    rung.hub ? MIN_HUB_SECTION : MIN_SECTION,
  );
  let x = place.x;
  return ordered.map((section, i) => {
    const width = widths[i]!;
    const left = x;
    x += width + SECTION_GAP;
    const below = place.y + thicknessOf(rung) + LINE_HEIGHT - 1;
    const labels = rung.hub
      ? cueLinesOf(section, width).map((text, line) => ({ text, x: left + 1, y: below + line * (LINE_HEIGHT - 1) }))
      : [];
    const feet = section.falls.map((_, n) => left + width - 5 - 6 * n).filter((foot) => foot > left);
    return { section, x: left, width, labels, feet };
  });
}

/** On a small rung one broken section is named, with the number of the others; each is named in full when selected. */
function withGapLabel(rung: Rung, place: RungPlace, sections: readonly PlacedSection[]): readonly PlacedSection[] {
  const broken = sections.filter((item) => item.section.broken);
  const first = broken[0];
  if (rung.hub || !first) return sections;
  const more = broken.length > 1 ? ` +${broken.length - 1}` : '';
  const text = fitText(first.section.name, GAP_SIZE, place.width - textWidth(more, GAP_SIZE)) + more;
  const x = Math.min(first.x, place.x + place.width - textWidth(text, GAP_SIZE));
  return sections.map((item) => (item === first ? { ...item, labels: [{ text, x: Math.max(place.x, x), y: place.y - 4 }] } : item));
}

/** The rung's name on as many lines as it needs: of the one that is looked at nothing is cut. */
export function wholeName({ rung, y, width, thickness, name, nameSize }: PlacedRung): readonly Label[] {
  if (!name.some(({ text }) => text.endsWith('…'))) return name;
  const lines = wrapText(rung.name, nameSize, rung.hub ? width : nameWidth(rung, width), 12);
  const left = name[0]!.x;
  return rung.hub
    ? lines.map((text, i) => ({ text, x: left, y: y - 5 - (nameSize + 1) * (lines.length - 1 - i) }))
    : lines.map((text, i) => ({ text, x: left, y: y + thickness + (LINE_HEIGHT - 1) * (i + 1) }));
}

/** The rung with all of its words in place. `destinations` are the names of far landings; `ordered` its sections left to right. */
export function placeRung(
  rung: Rung,
  place: RungPlace,
  ordered: readonly Section[],
  destinations: readonly string[],
  folded: readonly PositionId[],
): PlacedRung {
  const thickness = thicknessOf(rung);
  const size = rung.hub ? HUB_SIZE : NAME_SIZE;
  const indent = rung.hub ? 0 : place.width - nameWidth(rung, place.width);
  const lines = rung.hub ? [fitText(rung.name, size, place.width)] : wrapText(rung.name, size, nameWidth(rung, place.width), 2);
  const name = lines.map((text, i) => ({
    text,
    x: place.x + indent,
    y: rung.hub ? place.y - 5 : place.y + thickness + (LINE_HEIGHT - 1) * (i + 1),
  }));
  const sections = withGapLabel(rung, place, placeSections(rung, place, ordered));
  const broken = !rung.hub && sections.some((item) => item.section.broken);
  const more = destinations.length > 1 ? ` +${destinations.length - 1}` : '';
  const nameEnd = rung.hub ? textWidth(lines[0] ?? '', size) + 14 : 0;
  const room = place.width - nameEnd - 8 - textWidth(more, STUB_SIZE);
  // Where a broken section is named above the bar, the far landings keep their leaning line without words.
  const stub = destinations[0] === undefined || broken ? '' : fitText(destinations[0], STUB_SIZE, room) + more;
  const stubs = destinations.length === 0 ? [] : [{ text: stub, x: place.x + place.width - textWidth(stub, STUB_SIZE), y: place.y - 5 }];
  const foldY = place.y - 3 - (broken || stubs.length > 0 ? LINE_HEIGHT : 0);
  return { rung, ...place, thickness, name, nameSize: size, sections, stubs, folded, foldY };
}
