import type { Db } from './client'

/** What a shop can set; one row, with these defaults. */
export interface ShopSettings {
  readonly shop: string
  /** Minutes that a proof of dead lasts up to 60 V with the pack aboard. */
  readonly proofMinutes: number
  readonly deadVolts: number
  /** Two people turn a machine heavier than this, kg. */
  readonly twoPeopleAbove: number
}

export const SHOP_DEFAULTS: ShopSettings = { shop: 'Workshop', proofMinutes: 240, deadVolts: 5, twoPeopleAbove: 20 }

export async function loadSettings(sql: Db): Promise<ShopSettings> {
  const [row] = await sql<{ body: Partial<ShopSettings> }[]>`select body from settings`
  return { ...SHOP_DEFAULTS, ...row?.body }
}

export async function saveSettings(sql: Db, settings: ShopSettings): Promise<void> {
  await sql`insert into settings (body) values (${sql.json(settings as never)}) on conflict (only_row) do update set body = excluded.body`
}
