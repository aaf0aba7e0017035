import type { MetadataRoute } from 'next';

/** What a device needs to keep the app on its start screen. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Drubek',
    short_name: 'Drubek',
    description: 'Forecasts a hot-air-fryer batch from physics, says when to shake, check and pull, and remembers.',
    start_url: '/',
    display: 'standalone',
    background_color: '#e6e8e3',
    theme_color: '#1f3da8',
    icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' }],
  };
}
