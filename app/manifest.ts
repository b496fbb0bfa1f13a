import type { MetadataRoute } from 'next';
import { text } from '../ui/format/shell';

export const dynamic = 'force-static';

/** What makes of the pages a program that a computer installs. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    id: '/',
    name: text('app.name'),
    short_name: text('app.name'),
    description: text('app.what'),
    start_url: '/',
    display: 'standalone',
    background_color: '#f3f5f4',
    theme_color: '#ffffff',
    icons: [
      { src: '/icon.svg', type: 'image/svg+xml', sizes: 'any' },
      { src: '/icons/192.png', type: 'image/png', sizes: '192x192' },
      { src: '/icons/512.png', type: 'image/png', sizes: '512x512' },
      { src: '/icons/512.png', type: 'image/png', sizes: '512x512', purpose: 'maskable' },
    ],
  };
}
