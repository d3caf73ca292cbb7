'use client';
import { useState } from 'react';

/** Says over the screen what the address asked for and is not there, until it is read. */
export function NotHere({ said }: { said: readonly string[] }) {
  const [isRead, setRead] = useState(false);
  if (isRead || said.length === 0) return null;
  return (
    <div
      role="alert"
      className="fixed bottom-3 left-3 z-20 max-w-[min(32rem,calc(100vw-24px))] [overflow-wrap:anywhere] border-2 border-red bg-paper p-3 print:hidden"
    >
      {said.map((line) => (
        <p key={line}>{line}</p>
      ))}
      <button type="button" className="min-h-8 underline" onClick={() => setRead(true)}>
        Understood
      </button>
    </div>
  );
}
