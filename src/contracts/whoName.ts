import { z } from 'zod';
import { containsMarkup } from '@/core/tree';

/** The cookie in which a browser keeps what its user is called in the logs. It is a note, not a sign-in. */
export const WHO_COOKIE = 'red-ladder-who';

export const whoNameSchema = z
  .string()
  .trim()
  .min(1)
  .max(80)
  .refine((name) => !containsMarkup(name));

/** The name in a Cookie header; null = none, or none that can be shown. */
export function whoFrom(cookies: string | null): string | null {
  const found = (cookies ?? '')
    .split(';')
    .map((item) => item.trim())
    .find((item) => item.startsWith(`${WHO_COOKIE}=`));
  try {
    const name = whoNameSchema.safeParse(decodeURIComponent(found?.slice(WHO_COOKIE.length + 1) ?? ''));
    return name.success ? name.data : null;
  } catch {
    return null;
  }
}
