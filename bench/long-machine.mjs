/** A machine of sixty steps down: thirty panels one under the other, each on its own screws, four kinds of drive, two ways to stand. */
function longMachine() {
  const minutes = { low: 0.5, likely: 1, high: 2 }
  const tools = ['cross-2', 'hex-3', 'hex-4', 'lobe-20']
  const pose = (i) => (Math.floor(i / 8) % 2 === 0 ? ['upright'] : ['on-side'])
  const parts = Array.from({ length: 30 }, (_, i) => ({
    id: `panel-${i}`,
    name: `panel ${i + 1}`,
    ...(i > 0 ? { escape: { fact: 'off', of: `panel-${i - 1}` } } : {}),
    lift: { title: `Panel ${i + 1} off`, modes: [{ poses: pose(i), tool: null, people: i % 11 === 10 ? 2 : 1, minutes }] },
  }))
  const joints = Array.from({ length: 30 }, (_, i) => ({
    id: `screws-${i}`,
    name: `screws of panel ${i + 1}`,
    kind: 'screws',
    holds: [`panel-${i}`, 'frame'],
    members: Array.from({ length: 3 }, (_, k) => ({ id: `screws-${i}-${k}`, place: `hole ${k + 1} of 3`, length: 10 })),
    label: 'M4×10',
    role: 'cover',
    keep: 'cell',
    release: 'undo',
    ...(i > 0 ? { access: { fact: 'off', of: `panel-${i - 1}` } } : {}),
    down: { title: `Undo 3 screws of panel ${i + 1}`, modes: [{ poses: pose(i), tool: tools[Math.floor(i / 3) % 4], people: 1, minutes }] },
  }))
  return {
    format: 'nailsmith-machine/1',
    id: 'long',
    revision: '1',
    name: 'Long',
    class: 'indoor machine',
    variants: [],
    drives: [],
    energy: [],
    sealed: [],
    parts: [{ id: 'frame', name: 'frame' }, ...parts],
    joints,
    connections: [],
    cables: [],
    holes: [],
    steps: [],
    order: [],
    loadPath: [],
    poses: [
      { id: 'upright', name: 'upright', rotation: [0, 0, 0] },
      { id: 'on-side', name: 'on its side', rotation: [90, 0, 0] },
    ],
    poseMoves: [
      { from: 'upright', to: 'on-side', title: 'Lay it on its side', people: 2, minutes },
      { from: 'on-side', to: 'upright', title: 'Stand it up', people: 2, minutes },
    ],
    stacks: [],
    tools: [
      ['cross-2', 'cross-head PH2', 'cross 2'],
      ['hex-3', 'hex key 3 mm', 'hex 3'],
      ['hex-4', 'hex key 4 mm', 'hex 4'],
      ['lobe-20', 'six-lobe T20', 'lobe 20'],
    ].map(([id, name, short]) => ({ id, name, short, kind: 'key' })),
    consumables: [],
    goals: [{ id: 'all', name: 'all panels', guard: { fact: 'off', of: 'panel-29' } }],
  }
}

/** Puts it in, takes one in, and starts down; the page then shows its run. */
export async function openLongRun(page, url) {
  const put = await page.request.post(`${url}/api/machines`, { data: longMachine(), headers: { origin: url } })
  if (!put.ok()) throw new Error(await put.text())
  await page.goto(`${url}/take-in`)
  await page.getByRole('radio', { name: /^Long/ }).check()
  await page.getByLabel('What does it do?').fill('a long run')
  await page.getByRole('button', { name: 'Take it in' }).click()
  await page.getByRole('radio', { name: 'all panels' }).check()
  await page.getByLabel('Why it stays on').fill('nothing in it is live')
  await page.getByRole('button', { name: 'Start down' }).click()
  await page.getByRole('heading', { level: 2, name: 'Undo 3 screws of panel 1' }).waitFor()
}
