import { createRequire } from 'node:module';
import path from 'node:path';
import type { ReactElement } from 'react';

/**
 * Markup of what is only looked at, so that it can be written once and sent to everybody. React's own writer, loaded by Node
 * at run time: the framework's bundle of pages has none. Pre: the elements use no hooks.
 */
export function markupOf(element: ReactElement): string {
  const load = createRequire(path.join(process.cwd(), 'package.json'));
  const { renderToStaticMarkup } = load('react-dom/server') as typeof import('react-dom/server');
  return renderToStaticMarkup(element);
}
