import type { MetadataRoute } from 'next'

/** What a tablet needs to keep Nailsmith on its home screen, where the address is secure: it opens without a network on what it has. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    id: '/',
    name: 'Nailsmith',
    short_name: 'Nailsmith',
    description: 'Down to the motor and back up.',
    lang: 'en',
    start_url: '/',
    scope: '/',
    display: 'standalone',
    background_color: '#e7e3da',
    theme_color: '#15202b',
    icons: [
      { src: '/icons/icon-192.png', sizes: '192x192', type: 'image/png', purpose: 'any' },
      { src: '/icons/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
      { src: '/icons/icon-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
    shortcuts: [
      { name: 'Take in', url: '/take-in', icons: [{ src: '/icons/icon-192.png', sizes: '192x192' }] },
      { name: 'Stands', url: '/', icons: [{ src: '/icons/icon-192.png', sizes: '192x192' }] },
    ],
  }
}
