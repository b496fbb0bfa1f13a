import '@fontsource-variable/source-sans-3';
import '@fontsource-variable/source-serif-4';
import './globals.css';
import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import { text } from '../ui/format/shell';
import { Shell } from '../ui/shell/Shell';

export const metadata: Metadata = { title: text('app.name') };

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      <body>
        <Shell>{children}</Shell>
      </body>
    </html>
  );
}
