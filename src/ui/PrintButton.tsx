'use client';
import { buttonClass } from './Field';

export function PrintButton() {
  return (
    <button type="button" className={buttonClass} onClick={() => window.print()}>
      Print
    </button>
  );
}
