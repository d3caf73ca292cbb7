'use client';
import { elementScroll, useVirtualizer, type Virtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef, type ReactNode } from 'react';

interface Props {
  readonly rows: readonly { readonly key: string; readonly drawn: () => ReactNode }[];
  /** Height of a row before it is measured, px. */
  readonly about: number;
  /** The row that comes into sight; null = none. */
  readonly shown?: string | null;
  /** How the box lies in its surroundings, where it always is one; otherwise only a long list has a box, of three quarters of the window. */
  readonly box?: string;
  readonly className?: string;
}

const OWN_BOX = 'max-h-[75dvh] overflow-y-auto';

type List = Virtualizer<HTMLDivElement, HTMLLIElement>;

// Sizes are taken when the browser has laid out the page, never asked for in between: beside a large drawing that costs a tenth
// of a second each time.
const whenResized = ({ scrollElement }: List, tell: (rect: { width: number; height: number }) => void) => {
  if (!scrollElement) return;
  const observer = new ResizeObserver(([entry]) => entry && tell(entry.contentRect));
  observer.observe(scrollElement);
  return () => observer.disconnect();
};

/** Up to this many rows are simply drawn. */
const FEW = 120;

/** Many rows in a box of their own that scrolls; only those in sight are drawn. */
function ManyRows({ rows, about, shown = null, box: room = OWN_BOX, className = '' }: Props) {
  const box = useRef<HTMLDivElement>(null);
  // Its functions are called while drawing and never kept.
  // eslint-disable-next-line react-hooks/incompatible-library
  const list = useVirtualizer<HTMLDivElement, HTMLLIElement>({
    count: rows.length,
    getScrollElement: () => box.current,
    estimateSize: () => about,
    getItemKey: (i) => rows[i]!.key,
    overscan: 4,
    initialRect: { width: 0, height: 600 },
    initialOffset: 0,
    observeElementRect: whenResized,
    scrollToFn: (offset, options, instance) => {
      if (offset !== instance.scrollOffset || options.adjustments) elementScroll(offset, options, instance);
    },
    measureElement: (row, entry, { options }) => entry?.borderBoxSize[0]?.blockSize ?? options.estimateSize(Number(row.dataset.index)),
  });
  const at = shown === null ? -1 : rows.findIndex((row) => row.key === shown);
  useEffect(() => {
    if (at >= 0) list.scrollToIndex(at, { align: 'auto' });
  }, [at, list]);
  return (
    <div ref={box} className={`${room} ${className}`}>
      <ul className="relative" style={{ height: list.getTotalSize() }}>
        {list.getVirtualItems().map((item) => (
          <li
            key={item.key}
            ref={list.measureElement}
            data-index={item.index}
            aria-setsize={rows.length}
            aria-posinset={item.index + 1}
            className="absolute top-0 left-0 w-full"
            style={{ transform: `translateY(${item.start}px)` }}
          >
            {rows[item.index]!.drawn()}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** A list of any length. A short one is drawn whole; of a long one what is in sight. */
export function LongList(props: Props) {
  if (props.rows.length > FEW) return <ManyRows {...props} />;
  return (
    <ul className={`${props.box ?? ''} ${props.className ?? ''}`}>
      {props.rows.map(({ key, drawn }) => (
        <li key={key}>{drawn()}</li>
      ))}
    </ul>
  );
}
