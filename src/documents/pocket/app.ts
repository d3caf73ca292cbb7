import type { Pocket, PocketMove } from '@/core/pocket';

/** A place and how it fits what is ticked. */
export interface Ranked {
  readonly place: number;
  readonly met: number;
}
/** Places by ticks met, then by the share of their signs that are. Stands alone: it is written into the page as it is. */
export function rankPlaces(signsOf: readonly (readonly string[])[], ticked: readonly string[]): Ranked[] {
  return signsOf
    .map((signs, place) => ({ place, met: ticked.filter((sign) => signs.includes(sign)).length, share: signs.length }))
    .filter(({ met }) => met > 0)
    .sort((a, b) => b.met - a.met || a.share - b.share || a.place - b.place)
    .map(({ place, met }) => ({ place, met }));
}

/**
 * The page with script: the climb one place at a time, a finder and a search. Written into the page as its own text, so it uses
 * nothing from outside; words are only ever put in as text. The reading page stays below for whoever wants all of it.
 */
export function pocketApp(pocket: Pocket, rank: (signsOf: readonly (readonly string[])[], ticked: readonly string[]) => Ranked[]): void {
  const root = document.getElementById('climb')!;
  const make = <K extends keyof HTMLElementTagNameMap>(tag: K, text: string, className = ''): HTMLElementTagNameMap[K] => {
    const element = document.createElement(tag);
    element.textContent = text;
    if (className !== '') element.className = className;
    return element;
  };
  const button = (text: string, className: string, onPress: () => void): HTMLButtonElement => {
    const element = make('button', text, className);
    element.type = 'button';
    element.addEventListener('click', onPress);
    return element;
  };
  let path: number[] = [];
  const ticked = new Set<string>();
  const show = (...parts: readonly HTMLElement[]): void => {
    root.replaceChildren(...parts);
    const head = root.querySelector<HTMLElement>('h2');
    head?.setAttribute('tabindex', '-1');
    head?.focus();
    scrollTo(0, 0);
  };
  /** The way so far stands in the address, so that the telephone's own way back steps back. */
  const go = (next: readonly number[]): void => {
    location.hash = next.length === 0 ? 'guards' : `way-${next.join('-')}`;
  };
  const row = ({ says, notes, to }: PocketMove, className: string): HTMLElement => {
    const part = make('div', '', className);
    for (const landing of to) part.append(button(`${says} → ${pocket.places[landing]!.name}`, 'row', () => go([...path, landing])));
    for (const note of notes) part.append(make('p', note, 'note'));
    return part;
  };
  const ladder = (lines: readonly string[]): HTMLElement => {
    const all = ['feet', 'knees', 'hips', 'chest', 'head'];
    const part = make('p', '', 'ticks');
    part.append(make('span', lines.length === 0 ? 'nothing cleared' : `cleared: ${lines.join(', ')}`, 'said'));
    for (const line of all) part.append(make('i', '', lines.includes(line) ? 'on' : ''));
    return part;
  };
  const place = (at: number): void => {
    const here = pocket.places[at]!;
    const climbed = make('nav', '', 'way');
    climbed.setAttribute('aria-label', 'The way so far');
    climbed.append(button('Guards', 'step', () => go([])));
    path.slice(0, -1).forEach((number, i) => climbed.append(button(pocket.places[number]!.name, 'step', () => go(path.slice(0, i + 1)))));
    const parts: HTMLElement[] = [climbed, make('h2', here.name), ladder(here.lines), ...here.says.map((text) => make('p', text))];
    for (const figure of document.querySelectorAll<HTMLElement>(`#place-${at} figure`)) parts.push(figure.cloneNode(true) as HTMLElement);
    for (const { says, answers, falls } of here.shows) {
      const part = make('section', '', 'show');
      part.append(make('h3', says));
      if (answers.length === 0) part.append(make('p', 'No answer yet.', 'open'));
      for (const answer of answers) part.append(row(answer, 'mine'));
      if (falls.length > 0) part.append(make('p', 'He gets:', 'note'));
      for (const fall of falls) part.append(row(fall, 'his'));
      parts.push(part);
    }
    for (const text of here.care) parts.push(make('p', text, 'care'));
    parts.push(make('p', pocket.caution, 'care'));
    show(...parts);
  };
  const listed = (title: string, numbers: readonly number[], none: string): HTMLElement => {
    const part = make('section', '');
    part.append(make('h3', title));
    if (numbers.length === 0) part.append(make('p', none, 'note'));
    for (const number of numbers) part.append(button(pocket.places[number]!.name, 'row', () => go([number])));
    return part;
  };
  const home = (): void => {
    const search = make('input', '');
    search.type = 'search';
    search.setAttribute('aria-label', 'Search for a place, a show or a move');
    search.placeholder = 'search';
    const found = make('div', '');
    found.setAttribute('role', 'status');
    search.addEventListener('input', () => {
      const words = search.value.toLowerCase().split(/\s+/).filter(Boolean);
      const fits = (text: string): boolean => words.every((word) => text.toLowerCase().includes(word));
      const numbers = pocket.places.flatMap(({ name, others, shows }, i) => {
        const said = shows.flatMap(({ says, answers }) => [says, ...answers.map((answer) => answer.says)]);
        return [name, ...others, ...said].some(fits) ? [i] : [];
      });
      found.replaceChildren(...(words.length === 0 ? [] : [listed('Found', numbers.slice(0, 12), 'Nothing by these words.')]));
    });
    const finder = make('details', '');
    finder.append(make('summary', 'What do you see?'));
    const matches = make('div', '');
    matches.setAttribute('role', 'status');
    for (const { group, signs } of pocket.groups) {
      const field = make('fieldset', '');
      field.append(make('legend', group));
      for (const [sign, words] of signs) {
        const label = make('label', '');
        const box = make('input', '');
        box.type = 'checkbox';
        box.addEventListener('change', () => {
          if (box.checked) ticked.add(sign);
          else ticked.delete(sign);
          const best = rank(
            pocket.places.map((item) => item.signs),
            [...ticked],
          ).slice(0, 6);
          matches.replaceChildren(
            ...(ticked.size === 0
              ? []
              : [
                  listed(
                    'Best matches',
                    best.map((item) => item.place),
                    'No place of this tree.',
                  ),
                ]),
          );
        });
        label.append(box, ` ${words}`);
        field.append(label);
      }
      finder.append(field);
    }
    finder.append(matches);
    show(
      make('h2', 'What does he show?'),
      search,
      found,
      listed('His guards', pocket.starts, 'No guard is drawn yet.'),
      ...(pocket.groups.length > 0 ? [finder] : []),
    );
  };
  const open = (): void => {
    const [, numbers] = /^#way-([\d-]+)$/.exec(location.hash) ?? [];
    path = (numbers ?? '')
      .split('-')
      .filter(Boolean)
      .map(Number)
      .filter((number) => number < pocket.places.length);
    const at = path.at(-1);
    if (at === undefined) home();
    else place(at);
  };
  addEventListener('hashchange', open);
  document.body.classList.add('climbing');
  open();
}
