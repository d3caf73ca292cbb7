import type { Page } from 'puppeteer-core';

/** What the screens are looked at in: a laptop, a tablet lying and standing, a phone. */
export const SIZES = [
  { width: 1280, height: 800 },
  { width: 1024, height: 768 },
  { width: 768, height: 1024 },
  { width: 390, height: 844 },
] as const;

/** No type is smaller, in px of the screen. */
const LEAST = 12;

/**
 * What of a page cannot be read: type under 12 px, words printed on other words, and a page wider than its window. Words are
 * measured as they are drawn (each line's own box, drawings with their scale) and only as far as they are in sight.
 */
export const unreadable = (page: Page): Promise<string[]> =>
  page.evaluate((least) => {
    interface Word {
      readonly text: string;
      readonly owner: Element;
      /** Of the whole line, also where it is cut. */
      readonly high: number;
      readonly left: number;
      readonly top: number;
      readonly right: number;
      readonly bottom: number;
    }
    const cut = (box: { left: number; top: number; right: number; bottom: number }, by: DOMRect) => ({
      left: Math.max(box.left, by.left),
      top: Math.max(box.top, by.top),
      right: Math.min(box.right, by.right),
      bottom: Math.min(box.bottom, by.bottom),
    });
    const scaleOf = (owner: Element): number => {
      const matrix = owner instanceof SVGGraphicsElement ? owner.getScreenCTM() : null;
      return matrix ? Math.hypot(matrix.b, matrix.d) : 1;
    };
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    const words: Word[] = [];
    const found = new Set<string>();
    const said = (text: string): string => `“${text.slice(0, 40)}”`;
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const owner = node.parentElement!;
      const text = node.textContent!.trim();
      if (text === '' || owner.closest('script, style, title, option') || !owner.checkVisibility({ visibilityProperty: true })) continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      for (const rect of range.getClientRects()) {
        let box = { left: rect.left, top: rect.top, right: rect.right, bottom: rect.bottom };
        for (let up: Element | null = owner; up; up = up.parentElement)
          if (getComputedStyle(up).overflow !== 'visible') box = cut(box, up.getBoundingClientRect());
        // What is only scrolled out of sight is to be read, too.
        const size = parseFloat(getComputedStyle(owner).fontSize) * scaleOf(owner);
        if (size < least - 0.05 && rect.width > 2) found.add(`${said(text)} is ${size.toFixed(1)} px`);
        box = cut(box, new DOMRect(0, 0, innerWidth, innerHeight));
        if (box.right - box.left < 2 || box.bottom - box.top < 3) continue;
        words.push({ text, owner, high: rect.height, ...box });
      }
    }
    // Half of a line's own box is above and below its letters: only what reaches into them is printed on.
    for (const [i, a] of words.entries())
      for (const b of words.slice(i + 1)) {
        if (a.owner === b.owner || a.owner.contains(b.owner) || b.owner.contains(a.owner)) continue;
        const across = Math.min(a.right, b.right) - Math.max(a.left, b.left);
        const down = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
        if (across > 2 && down > 0.4 * Math.min(a.high, b.high)) found.add(`${said(a.text)} on ${said(b.text)}`);
      }
    const { scrollWidth } = document.documentElement;
    if (scrollWidth > innerWidth) found.add(`the page is ${scrollWidth} px wide in a window of ${innerWidth}`);
    return [...found];
  }, LEAST);
