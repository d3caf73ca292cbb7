import { minutesText, type ClassSheet, type SheetRow } from '@/core/words';
import { escaped } from './escaped';
import { htmlPage } from './html';

const line = (text: string): string => (text === '' ? '' : `<p>${escaped(text)}</p>`);

function sayRow({ from, minutes, title, what, resistance, feeder, watch }: SheetRow): string {
  const hard = resistance === '' ? '' : `Resistance ${resistance}.`;
  const looked = watch.length === 0 ? '' : `<ul>${watch.map((text) => `<li>${escaped(text)}</li>`).join('')}</ul>`;
  const told = feeder.length === 0 ? '' : `<h3>The feeder</h3>${feeder.map(line).join('')}`;
  return `<section><h2>${minutesText(from)} <small>${minutesText(minutes)} minutes</small> ${escaped(title)}</h2>${line(what)}${line(hard)}${told}${looked && `<h3>Look for</h3>${looked}`}</section>`;
}

/** A class as one page for a telephone, without a script and without anybody's name: from the first minute to the last. */
export function classPocketPage({ title, summary, rows, cautions }: ClassSheet, madeOn: string): string {
  return htmlPage({
    title,
    body: `<header><h1>${escaped(title)}</h1><p class="note">${escaped(summary)} Made on ${madeOn}.</p></header>
<main>${rows.map(sayRow).join('\n')}
${cautions.map((text) => `<p class="care">${escaped(text)}</p>`).join('')}</main>`,
  });
}
