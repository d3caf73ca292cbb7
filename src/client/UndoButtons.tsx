'use client';
import { StripButton } from '@/ui/StripButton';

interface Props {
  /** What would be undone and done again next; null = nothing. */
  readonly undoes: string | null;
  readonly redoes: string | null;
  undo(): void;
  redo(): void;
}

/**
 * Back to where the work is: an open line to type on, the rung in focus, or the screen. A button that kept the focus would
 * take each space that is typed next for another press.
 */
function focusWork(): void {
  requestAnimationFrame(() => {
    const main = document.querySelector<HTMLElement>('main');
    const at =
      main?.querySelector<HTMLElement>('input[role=combobox]') ?? main?.querySelector<HTMLElement>('[data-rung][tabindex="0"]') ?? main;
    if (at === main) main?.setAttribute('tabindex', '-1');
    at?.focus({ preventScroll: true });
  });
}

export function UndoButtons({ undoes, redoes, undo, redo }: Props) {
  const press = (step: () => void) => () => {
    step();
    focusWork();
  };
  return (
    <>
      <StripButton disabled={undoes === null} title={undoes ?? undefined} onClick={press(undo)}>
        Undo
      </StripButton>
      <StripButton disabled={redoes === null} title={redoes ?? undefined} onClick={press(redo)}>
        Redo
      </StripButton>
    </>
  );
}
