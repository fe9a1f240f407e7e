import { boolean, number, object, string } from 'yup'
import { MOST_TRAY, type Tray } from '../core/machine'
import { isWellFormed } from '../core/text'
import { db } from '../db/client'
import { loadSettings, saveSettings } from '../db/settings'

const askedTray = object({
  rows: number().strict().integer().min(1).max(MOST_TRAY.rows).required(),
  columns: number().strict().integer().min(1).max(MOST_TRAY.columns).required(),
})
  .noUnknown()
  .strict()

/** Says how large the shop’s tray is; null for a body that does not. */
export async function setTray(text: string): Promise<Tray | null> {
  let tray: Tray
  try {
    tray = askedTray.validateSync(JSON.parse(text))
  } catch {
    return null
  }
  return db().begin(async (tx) => {
    await tx`select pg_advisory_xact_lock(72026)`
    await saveSettings(tx as never, { ...(await loadSettings(tx as never)), tray })
    return tray
  })
}

const asked = object({
  name: string()
    .strict()
    .trim()
    .min(1)
    .max(120)
    .test('whole', 'the name holds a character that cannot be kept', (x) => x === undefined || isWellFormed(x))
    .required(),
  gone: boolean().strict().required(),
})
  .noUnknown()
  .strict()
/** As many as anybody would ever miss. */
const MOST = 500

/** Notes a tool as gone or back; all that are gone, or null for a body that says neither. */
export async function setLacking(text: string): Promise<readonly string[] | null> {
  let body: { readonly name: string; readonly gone: boolean }
  try {
    body = asked.validateSync(JSON.parse(text))
  } catch {
    return null
  }
  return db().begin(async (tx) => {
    await tx`select pg_advisory_xact_lock(72026)`
    const settings = await loadSettings(tx as never)
    const others = settings.lacking.filter((t) => t !== body.name)
    const lacking = body.gone ? [...others, body.name].slice(-MOST) : others
    await saveSettings(tx as never, { ...settings, lacking })
    return lacking
  })
}
