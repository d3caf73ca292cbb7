import '@fontsource/fira-sans-extra-condensed/400.css';
import '@fontsource/fira-sans-extra-condensed/500.css';
import '@fontsource/fira-sans-extra-condensed/600.css';
import '@fontsource/source-sans-3/400.css';
import '@fontsource/source-sans-3/600.css';
import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import './globals.css';

export const metadata: Metadata = {
  title: { default: 'Red Ladder', template: '%s · Red Ladder' },
  description: 'Guard passing as a climb: what he shows, what I answer, and what has no answer yet.',
};
export const dynamic = 'force-dynamic';

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      <body>{children}</body>
    </html>
  );
}
