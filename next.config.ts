import type { NextConfig } from 'next'
import path from 'node:path'

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  turbopack: { root: path.resolve(import.meta.dirname) },
  outputFileTracingRoot: path.resolve(import.meta.dirname),
  serverExternalPackages: ['sharp', '@node-rs/argon2', 'postgres'],
  typescript: { ignoreBuildErrors: true },
}

export default config
