// Takes one picture of each main view, from a fresh demo world, into docs/screenshots.
import { mkdirSync } from 'node:fs'
import path from 'node:path'
import { fileURLToPath } from 'node:url'

const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..')
process.env.NAILSMITH_DATA = path.join(ROOT, '.data', 'shots')
delete process.env.DATABASE_URL
const { installModules } = await import('./lib/shell.mjs')
installModules()
const { ensureBuild } = await import('./lib/app.mjs')
await ensureBuild()
const { chromium } = await import('@playwright/test')
const { launched } = await import('./lib/chromium.mjs')
const { Cluster } = await import('./lib/postgres.mjs')
const { signIn } = await import('./lib/sizes.mjs')
const { World } = await import('./lib/world.mjs')

const out = path.join(ROOT, 'docs', 'screenshots')
mkdirSync(out, { recursive: true })
const cluster = new Cluster('pg')
await cluster.start()
const world = await new World(cluster).open()
const browser = await chromium.launch(launched())

async function shoot(name, { who = 'Ines', machine, stage, size = [1280, 800], night = false, before }) {
  const page = await (await browser.newContext({ viewport: { width: size[0], height: size[1] } })).newPage()
  if (who) await signIn(page, world.url(), who)
  else await page.goto(`${world.url()}/sign-in`)
  if (machine) {
    const href = await page.getByRole('link', { name: machine }).first().getAttribute('href')
    await page.goto(world.url() + href + (stage ? `?stage=${stage}` : ''))
    await page.locator('aside h2').waitFor()
  }
  if (night) await page.getByRole('button', { name: 'Night colours' }).click()
  await before?.(page)
  await page.evaluate(() => document.fonts.ready)
  await page.waitForTimeout(500)
  await page.screenshot({ path: path.join(out, `${name}.png`) })
  await page.context().close()
}

const frontMotor = (page) =>
  page
    .getByRole('radio', { name: 'front motor' })
    .check()
    .then(() => page.getByText('On the bench').waitFor())

/** A drawing of a chain side, given as the photo that a tablet would take, and a tap where the next thing was. */
async function chainSide(page) {
  const base64 = await page.evaluate(() => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 1200, height: 800 })
    const g = canvas.getContext('2d')
    const disc = (x, y, r, fill) => {
      g.fillStyle = fill
      g.beginPath()
      g.arc(x, y, r, 0, 7)
      g.fill()
    }
    g.fillStyle = '#8a8578'
    g.fillRect(0, 0, 1200, 800)
    for (const [x, r] of [
      [330, 250],
      [900, 130],
    ]) {
      disc(x, 420, r, '#2c3238')
      disc(x, 420, r - 34, '#57606a')
      disc(x, 420, r / 5, '#aab2b8')
    }
    g.strokeStyle = '#1d2226'
    g.lineWidth = 14
    g.beginPath()
    g.moveTo(330, 172)
    g.lineTo(900, 292)
    g.moveTo(330, 668)
    g.lineTo(900, 548)
    g.stroke()
    g.fillStyle = '#c9a227'
    g.fillRect(560, 380, 170, 80)
    disc(590, 420, 14, '#e8e4da')
    disc(700, 420, 14, '#e8e4da')
    return canvas.toDataURL('image/jpeg', 0.85).split(',')[1]
  })
  await page.getByLabel('Photo file').setInputFiles({ name: 'side.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(base64, 'base64') })
  const map = page.getByRole('button', { name: 'Tap where it was' }).locator('visible=true')
  await map.waitFor()
  await page.waitForTimeout(800)
  const box = await map.boundingBox()
  await map.click({ position: { x: box.width * 0.5, y: box.height * 0.52 } })
  await page.getByRole('button', { name: 'Screws', exact: true }).click()
  await page.getByRole('button', { name: '2', exact: true }).click()
}

try {
  await shoot('stands', {})
  await shoot('take-in', { who: 'Aldo', before: (page) => page.goto(`${world.url()}/take-in`) })
  await shoot('machine', {
    before: async (page) => {
      await page.goto(`${world.url()}/machines/redshank`)
      await page.getByRole('button', { name: 'drive motor', exact: true }).click()
      await page.getByText('Motor straight off the gearbox').waitFor()
    },
  })
  await shoot('pocket-card', {
    before: async (page) => {
      await page.goto(`${world.url()}/machines/whimbrel`)
      await page.getByRole('radio', { name: 'rear tyre', exact: true }).check()
      await page.getByRole('button', { name: 'Pocket card for the road' }).click()
      await page.getByText('In the pocket').waitFor()
    },
  })
  await shoot('instruments', { before: (page) => page.goto(`${world.url()}/instruments`) })
  await shoot('guided', {
    before: async (page) => {
      await page.goto(`${world.url()}/procedures`)
      await page.getByRole('button', { name: /^Wires of a foreign motor/ }).click()
      await page.getByRole('button', { name: 'Rough, loud, or many amps' }).click()
      await page.getByText('Trial 2').waitFor()
      // Where the trial stands, from its steps on.
      await page.evaluate(() => window.scrollTo(0, 140))
    },
  })
  await shoot('job-choose', { machine: /no\. 7/, before: frontMotor })
  await shoot('compare', {
    machine: /no\. 7/,
    before: async (page) => {
      await frontMotor(page)
      await page.getByRole('button', { name: 'Compare it' }).click()
      for (const [name, value] of [
        ['axle, end to end', '148'],
        ['across the flats', '10'],
        ['between the inner washers', '104'],
      ])
        await page.getByLabel(`New, ${name}`, { exact: true }).fill(value)
    },
  })
  await shoot('fault', {
    who: 'Marit',
    machine: /no\. 2/,
    before: async (page) => {
      await page.getByText(/^Next best test/).waitFor()
      // On to a test at a plug, so that the picture shows where its probes go.
      while (!(await page.locator('article figure').count())) {
        await page.getByRole('button', { name: 'Can’t do this one' }).click()
        await page.getByRole('dialog').getByRole('button', { name: 'Leave it out' }).click()
        await page.waitForTimeout(1200)
      }
      await page.locator('li button[aria-expanded]').first().click()
      await page.locator('article figure figcaption').evaluate((e) => e.scrollIntoView({ block: 'center' }))
    },
  })
  await shoot('run-down', { who: 'Marit', machine: /no\. 3/ })
  await shoot('run-up', { who: 'Tobias', machine: /no\. 11/ })
  await shoot('no-file', { who: 'Tobias', machine: /delivery trike/, before: chainSide })
  await shoot('tray', {
    who: 'Marit',
    machine: /no\. 3/,
    before: async (page) => {
      await page.getByRole('button', { name: /▸ tray/ }).click()
      await page
        .getByRole('dialog')
        .getByRole('button', { name: /goes back next/ })
        .first()
        .click()
      await page.waitForTimeout(500)
    },
  })
  await shoot('prove', { machine: /no\. 5/ })
  await shoot('ride', {
    who: 'Tobias',
    machine: /no\. 9/,
    stage: 'prove',
    before: (page) => page.getByText('Top speed, held a second').scrollIntoViewIfNeeded(),
  })
  await shoot('hand-back', { machine: /no\. 9/ })
  await shoot('workings', {
    before: async (page) => {
      await page.goto(`${world.url()}/workings`)
      await page.getByLabel('Length below the head').fill('14')
      await page.getByLabel('Thread to what is behind').fill('10.5')
      await page.mouse.click(1270, 790)
    },
  })
  await shoot('run-night', { who: 'Marit', machine: /no\. 3/, night: true })
  await shoot('run-phone', { who: 'Marit', machine: /no\. 3/, size: [390, 844] })
} finally {
  await browser.close()
  await world.close()
  cluster.stop()
}
