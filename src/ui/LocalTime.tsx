'use client';
import { format } from 'date-fns';
import { useSyncExternalStore } from 'react';

const never = () => () => undefined;

/** A moment in this browser's time zone; the server, which may be in another, writes the day alone. */
export function LocalTime({ iso }: { iso: string }) {
  const isBrowser = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  return <time dateTime={iso}>{isBrowser ? format(new Date(iso), 'yyyy-MM-dd HH:mm') : iso.slice(0, 10)}</time>;
}
