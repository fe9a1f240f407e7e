// The long kill test: 70 kill -9 of the app and 30 of PostgreSQL, or as many as are asked for: `npm run killtest -- 10 5`.
import path from 'node:path'
import { fileURLToPath } from 'node:url'

process.env.NAILSMITH_DATA = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..', '.data', 'kill')
delete process.env.DATABASE_URL
const { installModules } = await import('./lib/shell.mjs')
installModules()
const { ensureBuild } = await import('./lib/app.mjs')
await ensureBuild()
const { killTest } = await import('./lib/kill-test.mjs')
const [appKills = 70, databaseKills = 30] = process.argv.slice(2).map(Number)
await killTest({ appKills, databaseKills })
