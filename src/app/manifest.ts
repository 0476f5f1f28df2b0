import type { MetadataRoute } from 'next';

/** Lets Rillbank be put on a phone's first screen. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Rillbank',
    short_name: 'Rillbank',
    description: 'Design, plant and care for mixed containers.',
    lang: 'en-GB',
    start_url: '/',
    display: 'standalone',
    background_color: '#e9eeea',
    theme_color: '#e9eeea',
    icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' }],
  };
}
