import '@fontsource-variable/source-sans-3';
import '@fontsource-variable/source-serif-4';
import './globals.css';
import type { ReactNode } from 'react';
import { text } from '../ui/format/shell';
import { Shell } from '../ui/shell/Shell';

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      {/* Not by `metadata`: that takes the title away for a moment whenever another page is shown. */}
      <head>
        <title>{text('app.name')}</title>
      </head>
      <body>
        <Shell>{children}</Shell>
      </body>
    </html>
  );
}
