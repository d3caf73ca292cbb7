import type { ButtonHTMLAttributes } from 'react';

/** A word in the strip that can be pressed; the chosen one of a group is underlined in red. */
export function StripButton({ chosen, className = '', ...rest }: ButtonHTMLAttributes<HTMLButtonElement> & { chosen?: boolean }) {
  const look = chosen
    ? 'font-medium text-ink underline decoration-red decoration-2 underline-offset-4'
    : 'text-soft hover:text-ink disabled:text-route';
  return <button type="button" aria-pressed={chosen} className={`min-h-9 font-figure text-[15px] ${look} ${className}`} {...rest} />;
}
