import { LINES, type Position } from '@/core/tree';

/** The lines held as five small ticks from the feet up; said in words beside it. */
export function LineTicks({ lines, className }: { readonly lines: Position['lines']; readonly className: string }) {
  return (
    <span aria-hidden className="grid gap-[3px]">
      {LINES.toReversed().map((line) => (
        <span key={line} className={`block h-[3px] ${className} ${lines.includes(line) ? 'bg-ink' : 'bg-hair'}`} />
      ))}
    </span>
  );
}
