import postgres from 'postgres'

export type Sql = postgres.Sql<{ bigint: number }>
export type Tx = postgres.TransactionSql<{ bigint: number }>

/** Anything that can run a query: the pool or a transaction of it. */
export type Db = Sql | Tx

/** Opens a pool on a PostgreSQL URL. bigint columns come back as numbers (all of ours are milliseconds). */
export function connect(url: string, max = 10): Sql {
  return postgres(url, {
    max,
    onnotice: () => undefined,
    connect_timeout: 10,
    backoff: (retries) => Math.min(0.25 * 2 ** retries, 2),
    types: { bigint: { to: 20, from: [20], serialize: (x: number) => String(x), parse: (x: string) => Number(x) } },
  })
}

const KEY = Symbol.for('nailsmith.db')
type Holder = { [KEY]?: Sql }

/** The app's pool, made on first use so that a build needs no database. */
export function db(): Sql {
  const holder = globalThis as Holder
  holder[KEY] ??= connect(databaseUrl())
  return holder[KEY]
}

function databaseUrl(): string {
  const url = process.env['DATABASE_URL']
  if (!url) throw new Error('DATABASE_URL is not set: start the app with `npm start`')
  return url
}
