import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest'
import { v7 } from 'uuid'
import { loadDemo } from '../../scripts/setup'
import type { Sql } from '../../src/db/client'
import { listSummaries } from '../../src/db/jobs'
import { addDevice, addSession, endSessions, setDeviceSecret } from '../../src/db/sessions'
import { newToken, tokenHash } from '../../src/server/secrets'
import { freshDatabase } from '../database'
import { dunlinPlan } from '../logbook'

// A request as the routes see it: its cookies and headers, without a running server.
const jar = new Map<string, string>()
const head = new Headers()
vi.mock('next/headers', () => ({
  cookies: async () => ({
    get: (name: string) => (jar.has(name) ? { name, value: jar.get(name) } : undefined),
    set: (name: string, value: string) => void jar.set(name, value),
    delete: (name: string) => void jar.delete(name),
  }),
  headers: async () => head,
}))
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }))
vi.mock('react', async (real) => ({ ...(await real<object>()), cache: (work: unknown) => work }))

const WHO = ['nobody', 'viewer', 'front desk', 'mechanic', 'lead', 'ended session', 'shut device', 'device without its secret'] as const
type Who = (typeof WHO)[number]
const PERSON = {
  viewer: 'p-runa',
  'front desk': 'p-aldo',
  mechanic: 'p-tobias',
  lead: 'p-ines',
  'ended session': 'p-ines',
  'shut device': 'p-ines',
  'device without its secret': 'p-ines',
} as const

let sql: Sql
let close: () => Promise<void>
let jobId: string
const cookies = {} as Record<Who, readonly (readonly [string, string])[]>
beforeAll(async () => {
  ;({ sql, close } = await freshDatabase())
  await loadDemo(sql, Date.now())
  jobId = (await listSummaries(sql, 1))[0]!.jobId
  for (const who of WHO) {
    if (who === 'nobody') {
      cookies[who] = []
      continue
    }
    const [device, token, key] = [crypto.randomUUID(), newToken(), newToken()]
    await addDevice(sql, device)
    await setDeviceSecret(sql, device, tokenHash(key), 'test')
    await addSession(sql, tokenHash(token), PERSON[who], device, 1)
    if (who === 'ended session') await endSessions(sql, { token: tokenHash(token) })
    if (who === 'shut device')
      await sql`update devices set secret_hash = null, keyless_until = now() - interval '1 day' where id = ${device}`
    cookies[who] = [
      ['nailsmith-session', token],
      ['nailsmith-device', device],
      ...(who === 'device without its secret' ? [] : [['nailsmith-key', key] as const]),
    ]
  }
})
afterAll(() => close())
beforeEach(() => {
  head.set('origin', 'http://shop.test')
  head.set('host', 'shop.test')
})

const as = (who: Who): void => {
  jar.clear()
  for (const [name, value] of cookies[who]) jar.set(name, value)
}
const at = <T>(params: T) => ({ params: Promise.resolve(params) })
const request = (path: string, body?: BodyInit, more: Record<string, string> = {}): Request =>
  new Request(`http://shop.test${path}`, {
    ...(body !== undefined ? { method: 'POST', body } : {}),
    headers: { origin: 'http://shop.test', host: 'shop.test', ...more },
  })

const note = (who: Who): string =>
  JSON.stringify([
    {
      id: v7(),
      jobId,
      base: 0,
      at: Date.now(),
      by: PERSON[who as 'lead'] ?? 'p-ines',
      device: new Map(cookies[who]).get('nailsmith-device') ?? crypto.randomUUID(),
      kind: 'note-added',
      v: 1,
      body: { text: 'x' },
    },
  ])

/** Every address of the app that is no page, by who asks. Numbers are HTTP; for entries the answer to the one line that is sent. */
const ROUTES: readonly {
  readonly name: string
  readonly call: (who: Who) => Promise<Response | string>
  readonly is: Readonly<Record<Who, number | string>>
}[] = [
  {
    name: 'GET /api/health',
    call: async () => (await import('../../src/app/api/health/route')).GET(),
    is: {
      nobody: 200,
      viewer: 200,
      'front desk': 200,
      mechanic: 200,
      lead: 200,
      'ended session': 200,
      'shut device': 200,
      'device without its secret': 200,
    },
  },
  {
    name: 'GET /api/jobs/:id/entries',
    call: async () =>
      (await import('../../src/app/api/jobs/[id]/entries/route')).GET(request(`/api/jobs/${jobId}/entries`), at({ id: jobId })),
    is: {
      nobody: 401,
      viewer: 200,
      'front desk': 200,
      mechanic: 200,
      lead: 200,
      'ended session': 401,
      'shut device': 200,
      'device without its secret': 200,
    },
  },
  {
    name: 'POST /api/jobs/:id/entries',
    call: async (who) => {
      const response = await (
        await import('../../src/app/api/jobs/[id]/entries/route')
      ).POST(request(`/api/jobs/${jobId}/entries`, note(who), { 'x-nailsmith-build': '11' }), at({ id: jobId }))
      return response.status === 200
        ? ((await response.json()) as { answers: { status: string; again?: string }[] }).answers.map((a) => a.again ?? a.status).join()
        : response
    },
    is: {
      nobody: 401,
      viewer: 'other person',
      'front desk': 'stored',
      mechanic: 'stored',
      lead: 'stored',
      'ended session': 401,
      'shut device': 403,
      'device without its secret': 403,
    },
  },
  {
    name: 'POST /api/jobs/:id/entries, as a build before numbers',
    call: async (who) =>
      (await import('../../src/app/api/jobs/[id]/entries/route')).POST(request(`/api/jobs/${jobId}/entries`, note(who)), at({ id: jobId })),
    is: {
      nobody: 401,
      viewer: 403,
      'front desk': 200,
      mechanic: 200,
      lead: 200,
      'ended session': 401,
      'shut device': 403,
      'device without its secret': 403,
    },
  },
  {
    name: 'GET /api/events',
    call: async () => {
      const stop = new AbortController()
      const response = await (
        await import('../../src/app/api/events/route')
      ).GET(new Request('http://shop.test/api/events', { signal: stop.signal }))
      stop.abort()
      return response
    },
    is: {
      nobody: 401,
      viewer: 200,
      'front desk': 200,
      mechanic: 200,
      lead: 200,
      'ended session': 401,
      'shut device': 200,
      'device without its secret': 200,
    },
  },
  {
    name: 'POST /api/photos',
    call: async () => (await import('../../src/app/api/photos/route')).POST(request('/api/photos', 'no picture')),
    is: {
      nobody: 401,
      viewer: 403,
      'front desk': 415,
      mechanic: 415,
      lead: 415,
      'ended session': 401,
      'shut device': 403,
      'device without its secret': 403,
    },
  },
  {
    name: 'GET /api/photos/:id',
    call: async () => (await import('../../src/app/api/photos/[id]/route')).GET(request('/api/photos/x'), at({ id: 'ab'.repeat(32) })),
    is: {
      nobody: 401,
      viewer: 404,
      'front desk': 404,
      mechanic: 404,
      lead: 404,
      'ended session': 401,
      'shut device': 404,
      'device without its secret': 404,
    },
  },
  {
    name: 'POST /api/machines',
    call: async () => (await import('../../src/app/api/machines/route')).POST(request('/api/machines', '{}')),
    is: {
      nobody: 401,
      viewer: 403,
      'front desk': 403,
      mechanic: 422,
      lead: 422,
      'ended session': 401,
      'shut device': 403,
      'device without its secret': 403,
    },
  },
  {
    name: 'GET /api/machines/:id',
    call: async () => (await import('../../src/app/api/machines/[id]/route')).GET(request('/api/machines/dunlin'), at({ id: 'dunlin' })),
    is: {
      nobody: 401,
      viewer: 200,
      'front desk': 200,
      mechanic: 200,
      lead: 200,
      'ended session': 401,
      'shut device': 200,
      'device without its secret': 200,
    },
  },
  {
    name: 'GET /api/machine-schema',
    call: async () => (await import('../../src/app/api/machine-schema/route')).GET(request('/api/machine-schema')),
    is: {
      nobody: 401,
      viewer: 200,
      'front desk': 200,
      mechanic: 200,
      lead: 200,
      'ended session': 401,
      'shut device': 200,
      'device without its secret': 200,
    },
  },
  {
    name: 'POST /api/tools',
    call: async () =>
      (await import('../../src/app/api/tools/route')).POST(request('/api/tools', JSON.stringify({ name: 'x', gone: false }))),
    is: {
      nobody: 401,
      viewer: 403,
      'front desk': 403,
      mechanic: 200,
      lead: 200,
      'ended session': 401,
      'shut device': 403,
      'device without its secret': 403,
    },
  },
]

/** What is done by a form: done, or refused in words. */
const DEEDS: readonly {
  readonly name: string
  readonly call: () => Promise<{ readonly message?: string; readonly done?: string }>
  readonly may: readonly Who[]
}[] = [
  {
    name: 'add somebody',
    call: async () =>
      (await import('../../src/server/actions')).addPersonAction(
        {},
        form({ name: `N${v7().slice(-6)}`, role: 'viewer', passphrase: 'long enough words' }),
      ),
    may: ['lead'],
  },
  {
    name: 'change somebody',
    call: async () =>
      (await import('../../src/server/actions')).changePersonAction({}, form({ id: 'p-marit', deed: 'role', role: 'mechanic' })),
    may: ['lead'],
  },
  {
    name: 'end a session',
    call: async () => (await import('../../src/server/actions')).endAction({}, form({ session: crypto.randomUUID() })),
    may: ['lead'],
  },
]
function form(fields: Readonly<Record<string, string>>): FormData {
  const data = new FormData()
  for (const [name, value] of Object.entries(fields)) data.set(name, value)
  return data
}

describe.each(ROUTES.map((r) => [r.name, r] as const))('%s', (_, { call, is }) => {
  it.each(WHO)('by %s', async (who) => {
    as(who)
    const got = await call(who)
    expect(typeof got === 'string' ? got : got.status).toBe(is[who])
    if (typeof got !== 'string') expect(got.headers.get('x-content-type-options')).toBe('nosniff')
  })
})

describe.each(DEEDS.map((d) => [d.name, d] as const))('to %s', (_, { call, may }) => {
  it.each(WHO)('by %s', async (who) => {
    as(who)
    const told = await call()
    expect(told.done !== undefined, told.message).toBe(may.includes(who))
  })
  it('from a page of another site is refused', async () => {
    as('lead')
    head.set('origin', 'http://elsewhere.test')
    expect((await call()).message).toMatch(/another site/)
  })
})

describe('what is wrong is told as 4xx, never as 500', () => {
  it.each([
    [
      'entries of a job that is no UUID',
      404,
      async () => (await import('../../src/app/api/jobs/[id]/entries/route')).GET(request('/x'), at({ id: "1' or 1=1" })),
    ],
    [
      'entries after what is no number',
      400,
      async () => (await import('../../src/app/api/jobs/[id]/entries/route')).GET(request('/x?after=-1'), at({ id: jobId })),
    ],
    [
      'entries after half a number',
      400,
      async () => (await import('../../src/app/api/jobs/[id]/entries/route')).GET(request('/x?after=1.5'), at({ id: jobId })),
    ],
    [
      'a chain without its place',
      400,
      async () => (await import('../../src/app/api/jobs/[id]/entries/route')).GET(request('/x?after=0&chain=zz'), at({ id: jobId })),
    ],
    [
      'entries that are no JSON',
      400,
      async () => (await import('../../src/app/api/jobs/[id]/entries/route')).POST(request('/x', '{'), at({ id: jobId })),
    ],
    [
      'entries that are null',
      400,
      async () => (await import('../../src/app/api/jobs/[id]/entries/route')).POST(request('/x', 'null'), at({ id: jobId })),
    ],
    [
      'given back without how far it agrees',
      400,
      async () => (await import('../../src/app/api/jobs/[id]/entries/route')).POST(request('/x', '{"entries":[]}'), at({ id: jobId })),
    ],
    [
      'a machine with a NUL in its name',
      404,
      async () => (await import('../../src/app/api/machines/[id]/route')).GET(request('/x'), at({ id: 'a\u0000b' })),
    ],
    [
      'a revision with half an emoji',
      404,
      async () => (await import('../../src/app/api/machines/[id]/route')).GET(request('/x?revision=%ED%A0%BD'), at({ id: 'dunlin' })),
    ],
    [
      'a photo that is none',
      404,
      async () => (await import('../../src/app/api/photos/[id]/route')).GET(request('/x'), at({ id: '../../etc' })),
    ],
    ['a tool that is a list', 400, async () => (await import('../../src/app/api/tools/route')).POST(request('/x', '[]'))],
    [
      'a tool with a NUL',
      400,
      async () => (await import('../../src/app/api/tools/route')).POST(request('/x', '{"name":"a\\u0000","gone":true}')),
    ],
    ['a machine file that is a number', 422, async () => (await import('../../src/app/api/machines/route')).POST(request('/x', '7'))],
  ] as const)('%s: %i', async (_, status, call) => {
    as('lead')
    const response = await call()
    expect(response.status).toBe(status)
    expect(((await response.json()) as { message: string }).message).toBeTruthy()
  })
})

describe('fault 3: how much comes at once', () => {
  const sized = (kind: string, bytes: number): string => {
    const plan = JSON.parse(JSON.stringify(dunlinPlan('inspect'))) as { note?: string }
    const entry = (text: string) => [
      {
        id: v7(),
        jobId,
        base: 0,
        at: Date.now(),
        by: 'p-ines',
        device: new Map(cookies.lead).get('nailsmith-device'),
        kind,
        v: 1,
        body:
          kind === 'plan-adopted'
            ? { plan: { ...plan, spare: text }, file: 'dunlin', revision: '1', settings: { proofMinutes: 240, deadVolts: 5 } }
            : { text },
      },
    ]
    return JSON.stringify(entry('x'.repeat(Math.max(0, bytes - JSON.stringify(entry('')).length))))
  }
  it.each([
    ['a plan of 0.9 MB by itself', 'plan-adopted', 900_000, 200],
    ['a plan of 1.1 MB', 'plan-adopted', 1_100_000, 413],
    ['anything else of 0.3 MB', 'note-added', 300_000, 413],
  ])('%s', async (_, kind, bytes, status) => {
    as('lead')
    const response = await (
      await import('../../src/app/api/jobs/[id]/entries/route')
    ).POST(request('/x', sized(kind, bytes), { 'x-nailsmith-build': '11' }), at({ id: jobId }))
    expect(response.status).toBe(status)
    if (status === 200) expect(await response.json()).toMatchObject({ answers: [{ status: 'stored' }] })
    else expect(await response.json()).toMatchObject({ again: 'never' })
  })
})
