'use client';
import { useLayoutEffect, useRef, type ReactNode } from 'react';

/** Room on an A4 page inside its margins, in CSS px. */
const PAGE_HEIGHT = 1040;
/** In CSS px, 12 being 9 pt: what does not fit at that goes on to a second page. */
const SIZES = [14, 13, 12];

/**
 * What is printed: on one A4 page in the largest type that fits, else on as many as readable type needs. Sizes within are in em.
 * `isStacked`: on a narrow screen the cells of a row stand one under the other.
 */
export function PrintArticle({ children, isStacked = false }: { children: ReactNode; isStacked?: boolean }) {
  const article = useRef<HTMLElement>(null);
  useLayoutEffect(() => {
    const element = article.current!;
    for (const size of SIZES) {
      element.style.fontSize = `${size}px`;
      if (element.scrollHeight <= PAGE_HEIGHT) return;
    }
  }, [children]);
  return (
    <article
      ref={article}
      className={`print-sheet ${isStacked ? 'stacked-sheet' : ''} mx-auto bg-paper text-[12px] [overflow-wrap:anywhere]`}
    >
      {children}
    </article>
  );
}
