import type { Instrument } from '../core/instruments'
import type { Db } from './client'

/** Every instrument that the shop ever listed, those in use first, by name. */
export async function listInstruments(sql: Db): Promise<Instrument[]> {
  const rows = await sql<
    (Omit<Instrument, 'leads' | 'lampStep' | 'grip' | 'reach'> & Record<'leads' | 'lampStep' | 'grip' | 'reach', number | null>)[]
  >`
    select id, name, kind, ranges, leads, lamp_step as "lampStep", grip, reach,
      to_char(calibrated_to, 'YYYY-MM-DD') as "calibratedTo", struck_at is not null as struck
    from instruments order by struck_at is not null, lower(name), added_at`
  return rows.map(({ leads, lampStep, grip, reach, ...rest }) => ({
    ...rest,
    ...(leads === null ? {} : { leads }),
    ...(lampStep === null ? {} : { lampStep }),
    ...(grip === null ? {} : { grip }),
    ...(reach === null ? {} : { reach }),
  }))
}

/** Adds an instrument, or writes what one is now. */
export async function putInstrument(sql: Db, i: Instrument, demo = false): Promise<void> {
  await sql`
    insert into instruments (id, name, kind, ranges, leads, lamp_step, grip, reach, calibrated_to, demo, struck_at)
    values (${i.id}, ${i.name}, ${i.kind}, ${sql.json(i.ranges as never)}, ${i.leads ?? null}, ${i.lampStep ?? null}, ${i.grip ?? null},
      ${i.reach ?? null}, ${i.calibratedTo}, ${demo}, case when ${i.struck} then now() end)
    on conflict (id) do update set name = excluded.name, kind = excluded.kind, ranges = excluded.ranges, leads = excluded.leads,
      lamp_step = excluded.lamp_step, grip = excluded.grip, reach = excluded.reach, calibrated_to = excluded.calibrated_to,
      struck_at = case when ${i.struck} then coalesce(instruments.struck_at, now()) end`
}

/** The demo world's instruments are not a real shop's: they are struck off. */
export async function retireDemoInstruments(sql: Db): Promise<void> {
  await sql`update instruments set struck_at = now() where demo and struck_at is null`
}
