import { clickText, launch, openPage } from '../tests/e2e/browser';
export async function main(args: readonly string[]): Promise<number> {
  const base = 'http://127.0.0.1:4377';
  const browser = await launch();
  const { page, trouble } = await openPage(browser, base);
  for (const item of JSON.parse(args[0]!) as {
    name: string;
    path: string;
    width?: number;
    height?: number;
    click?: string[];
    select?: [string, string];
  }[]) {
    await page.setViewport({ width: item.width ?? 1280, height: item.height ?? 800 });
    await page.goto(base + item.path, { waitUntil: 'networkidle0' }).catch(() => null);
    await new Promise((r) => setTimeout(r, 1200));
    for (const text of item.click ?? []) {
      await clickText(page, text);
      await new Promise((r) => setTimeout(r, 700));
    }
    if (item.select) {
      const [label, value] = item.select;
      await page.evaluate(
        ([l, v]) => {
          const s = [...document.querySelectorAll('label')].find((x) => x.textContent!.startsWith(l!))!.querySelector('select')!;
          const set = Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, 'value')!.set!;
          set.call(s, v);
          s.dispatchEvent(new Event('change', { bubbles: true }));
        },
        [label, value],
      );
      await new Promise((r) => setTimeout(r, 2500));
    }
    await page.screenshot({ path: `/tmp/shots/${item.name}.png` as `${string}.png` });
  }
  console.log(trouble);
  await browser.close();
  return 0;
}
