// Kills the app and PostgreSQL, again and again, during a stream of appends; then counts.
import { runTs } from './app.mjs'

export async function killTest({ appKills, databaseKills }) {
  runTs('scripts/kill.ts', [String(appKills), String(databaseKills)])
}
