import type { Db } from './client'

export interface PhotoRow {
  readonly mime: string
  readonly bytes: Buffer
}

export async function addPhoto(
  sql: Db,
  photo: {
    readonly id: string
    readonly mime: string
    readonly width: number
    readonly height: number
    readonly bytes: Buffer
    readonly by: string
  },
): Promise<void> {
  await sql`
    insert into photos (id, mime, width, height, bytes, uploaded_by)
    values (${photo.id}, ${photo.mime}, ${photo.width}, ${photo.height}, ${photo.bytes}, ${photo.by}) on conflict do nothing`
}

export async function hasPhoto(sql: Db, id: string): Promise<boolean> {
  const rows = await sql`select 1 from photos where id = ${id}`
  return rows.length === 1
}

export async function loadPhoto(sql: Db, id: string): Promise<PhotoRow | null> {
  const [row] = await sql<PhotoRow[]>`select mime, bytes from photos where id = ${id}`
  return row ?? null
}
