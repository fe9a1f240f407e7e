import type { NextConfig } from 'next'
import path from 'node:path'

// The same app with every text of `src/words` marked, for one walk that finds texts which stand elsewhere.
const marked = process.env['NAILSMITH_MARKED_DIR']
const markWords = path.resolve(import.meta.dirname, 'scripts/lib/marked-words.mjs')

const config: NextConfig = {
  ...(marked ? { distDir: marked } : {}),
  poweredByHeader: false,
  reactStrictMode: true,
  turbopack: {
    root: path.resolve(import.meta.dirname),
    ...(marked ? { rules: { '**/src/words/en/**/*.ts': { loaders: [markWords], as: '*.tsx' } } } : {}),
  },
  outputFileTracingRoot: path.resolve(import.meta.dirname),
  serverExternalPackages: ['sharp', '@node-rs/argon2', 'postgres'],
  typescript: { ignoreBuildErrors: true, ...(marked ? { tsconfigPath: `${marked}.tsconfig.json` } : {}) },
}

export default config
