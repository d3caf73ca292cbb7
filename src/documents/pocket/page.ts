import type { Pocket, PocketMove, PocketPlace } from '@/core/pocket';
import { plural } from '@/core/words';
import { pocketApp, rankPlaces } from './app';
import { escaped } from './escaped';
import { htmlPage } from './html';

/** A picture as it is put into the page. */
export interface PocketPicture {
  readonly hash: string;
  /** data: address */
  readonly source: string;
}
export interface PocketPage {
  readonly html: string;
  /** Pictures for which there was no room. */
  readonly leftOut: number;
}

/** What a message carries easily. */
export const POCKET_MAX_BYTES = 500_000;

/** JSON within a script: no tag can begin in it. */
const asData = (value: unknown): string =>
  JSON.stringify(value)
    .replace(/</g, '\\u003c')
    .replace(/\u2028|\u2029/g, (sign) => `\\u${sign.charCodeAt(0).toString(16)}`);

function sayMoves(pocket: Pocket, moves: readonly PocketMove[], lead: string): string {
  const link = (to: number): string => `<a href="#place-${to}">${escaped(pocket.places[to]!.name)}</a>`;
  return moves
    .map(({ says, to, notes }) => {
      const more = notes.length > 0 ? ` <small>${escaped(notes.join('; '))}.</small>` : '';
      return `<li>${lead}${escaped(says)} → ${to.map(link).join(' or ')}.${more}</li>`;
    })
    .join('');
}

/** A place as sentences: what is read where scripts are blocked. */
function sayPlace(
  pocket: Pocket,
  { name, others, lines, says, shows, care, pictures }: PocketPlace,
  at: number,
  sources: ReadonlyMap<string, string>,
): string {
  const figures = pictures.flatMap(({ hash, caption, transform }) => {
    const source = sources.get(hash);
    return source === undefined
      ? []
      : [
          `<figure><img alt="${escaped(caption)}" style="transform:${transform}" src="${source}"><figcaption>${escaped(caption)}</figcaption></figure>`,
        ];
  });
  const shown = shows.map(
    ({ says: seen, answers, falls }) =>
      `<h3>${escaped(seen)}</h3><ul>${answers.length > 0 ? sayMoves(pocket, answers, '') : '<li class="open">No answer yet.</li>'}${sayMoves(pocket, falls, 'If it fails: ')}</ul>`,
  );
  const called = others.length > 0 ? `<p class="note">Also called ${escaped(others.join(', '))}.</p>` : '';
  const cleared = lines.length > 0 ? `<p class="note">Cleared: ${lines.join(', ')}.</p>` : '';
  return `<section id="place-${at}"><h2>${escaped(name)}</h2>${called}${cleared}${says.map((text) => `<p>${escaped(text)}</p>`).join('')}${figures.join('')}${shown.join('')}${care.map((text) => `<p class="care">${escaped(text)}</p>`).join('')}</section>`;
}

function pageOf(pocket: Pocket, sources: ReadonlyMap<string, string>, leftOut = 0): string {
  const guards = pocket.starts.map((at) => `<li><a href="#place-${at}">${escaped(pocket.places[at]!.name)}</a></li>`).join('');
  return htmlPage({
    title: pocket.name,
    may: "script-src 'unsafe-inline'; img-src data:; ",
    body: `<header><h1>${escaped(pocket.name)}</h1><p class="note">${escaped(pocket.forWhom)} Made on ${pocket.madeOn}.${leftOut > 0 ? ` ${plural(leftOut, 'picture')} found no room.` : ''}</p></header>
<main id="climb"></main>
<div id="reading">
<p class="care">${escaped(pocket.caution)}</p>
<h2>He shows</h2><ul>${guards || '<li>No guard is drawn yet.</li>'}</ul>
${pocket.places.map((place, at) => sayPlace(pocket, place, at, sources)).join('\n')}
</div>
<script type="application/json" id="pocket">${asData(pocket)}</script>
<script>(${pocketApp.toString()})(JSON.parse(document.getElementById('pocket').textContent), ${rankPlaces.toString()});</script>`,
  });
}

const bytesOf = (text: string): number => new TextEncoder().encode(text).length;

/**
 * One page without network or server: sentences for whoever blocks scripts, the climb one place at a time for whoever does not.
 * Pictures come in as long as there is room for them, in the order of the places.
 */
export function pocketPage(pocket: Pocket, pictures: readonly PocketPicture[] = []): PocketPage {
  const sources = new Map<string, string>();
  let room = POCKET_MAX_BYTES - bytesOf(pageOf(pocket, sources));
  const wanted = [...new Set(pocket.places.flatMap((place) => place.pictures.map(({ hash }) => hash)))];
  const given = new Map(pictures.map(({ hash, source }) => [hash, source]));
  for (const hash of wanted) {
    const source = given.get(hash);
    // The words around a picture take some room, too.
    const needed = source === undefined ? 0 : source.length + 1000;
    if (source === undefined || needed > room) continue;
    room -= needed;
    sources.set(hash, source);
  }
  const leftOut = wanted.filter((hash) => given.has(hash) && !sources.has(hash)).length;
  return { html: pageOf(pocket, sources, leftOut), leftOut };
}
