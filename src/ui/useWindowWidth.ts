'use client';
import { useSyncExternalStore } from 'react';

const listen = (heard: () => void): (() => void) => {
  window.addEventListener('resize', heard);
  return () => window.removeEventListener('resize', heard);
};

/** The window's inner width in px; 1280 on the server. */
export const useWindowWidth = (): number =>
  useSyncExternalStore(
    listen,
    () => window.innerWidth,
    () => 1280,
  );
