import { type Tray, USUAL_TRAY } from '../core/machine'
import type { Db } from './client'

/** What a shop can set; one row, with these defaults. */
export interface ShopSettings {
  readonly shop: string
  /** Minutes that a proof of dead lasts up to 60 V with the pack aboard. */
  readonly proofMinutes: number
  /** The same above 60 V. */
  readonly proofMinutesHigh: number
  readonly deadVolts: number
  /** Top speed by machine class, km/h: the shop's own limit; local rules come first. */
  readonly topSpeed: Readonly<Record<string, number>>
  /** Two people turn a machine heavier than this, kg. */
  readonly twoPeopleAbove: number
  /** The tray on the bench. */
  readonly tray: Tray
  /** Names of tools that are not in the shop. */
  readonly lacking: readonly string[]
}

const SHOP_DEFAULTS: ShopSettings = {
  shop: 'Workshop',
  proofMinutes: 240,
  proofMinutesHigh: 30,
  deadVolts: 5,
  topSpeed: { scooter: 20, 'e-bike': 25, 'ride-on': 12, buggy: 15 },
  twoPeopleAbove: 20,
  tray: USUAL_TRAY,
  lacking: [],
}

export async function loadSettings(sql: Db): Promise<ShopSettings> {
  const [row] = await sql<{ body: Partial<ShopSettings> }[]>`select body from settings`
  return { ...SHOP_DEFAULTS, ...row?.body }
}

/** The limits that entries name, and their version: a new one whenever they have changed. */
export async function currentLimits(sql: Db): Promise<{
  readonly version: number
  readonly limits: { readonly proofMinutes: number; readonly proofMinutesHigh: number; readonly deadVolts: number }
}> {
  const { proofMinutes, proofMinutesHigh, deadVolts } = await loadSettings(sql)
  const limits = { proofMinutes, proofMinutesHigh, deadVolts }
  const [last] = await sql<
    { version: number; limits: typeof limits }[]
  >`select version, limits from settings_versions order by version desc limit 1`
  if (last && Object.entries(limits).every(([k, v]) => last.limits[k as keyof typeof limits] === v))
    return { version: last.version, limits }
  const [made] = await sql<
    { version: number }[]
  >`insert into settings_versions (limits) values (${sql.json(limits as never)}) returning version`
  return { version: made!.version, limits }
}

export async function saveSettings(sql: Db, settings: ShopSettings): Promise<void> {
  await sql`insert into settings (body) values (${sql.json(settings as never)}) on conflict (only_row) do update set body = excluded.body`
}
