'use client';
import { buttonClass } from '@/ui/Field';

export function PrintButton() {
  return (
    <button type="button" className={buttonClass} onClick={() => window.print()}>
      Print
    </button>
  );
}
