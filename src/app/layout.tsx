import type { Metadata, Viewport } from 'next'
import localFont from 'next/font/local'
import { cookies, headers } from 'next/headers'
import type { ReactNode } from 'react'
import { UnderTheBar } from '@/features/shell/header'
import './globals.css'

const archivo = localFont({
  src: '../../node_modules/@fontsource-variable/archivo/files/archivo-latin-wdth-normal.woff2',
  variable: '--font-archivo',
  weight: '100 900',
  declarations: [{ prop: 'font-stretch', value: '62% 125%' }],
  display: 'swap',
})
const atkinson = localFont({
  src: '../../node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
  variable: '--font-atkinson',
  weight: '200 800',
  display: 'swap',
})

export const metadata: Metadata = {
  title: { default: 'Nailsmith', template: '%s · Nailsmith' },
  description: 'Down to the motor and back up.',
}
export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#15202b' }

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  // Reading the request makes every page dynamic, so that each carries its own nonce.
  await headers()
  const light = (await cookies()).get('nailsmith-light')?.value === 'night' ? 'night' : 'day'
  return (
    <html lang="en" data-light={light} className={`${archivo.variable} ${atkinson.variable}`} suppressHydrationWarning>
      <body>
        <UnderTheBar>{children}</UnderTheBar>
      </body>
    </html>
  )
}
