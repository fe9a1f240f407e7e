// Debian's Chromium, as tests, pictures and measurements drive it.
import { existsSync } from 'node:fs'
import { installPackages, say, which } from './shell.mjs'

/** Chromium without its own windows and bars: a page costs less, and is drawn the same. */
const SHELL = '/usr/bin/chromium-headless-shell'

/** How it is started. */
export const launched = () => ({
  executablePath: existsSync(SHELL) ? SHELL : '/usr/bin/chromium',
  chromiumSandbox: false,
  // It looks nothing up by itself.
  args: [
    '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
})

/** Sees to it that there is one. The whole browser does where the shell cannot be had. */
export function installChromium(why) {
  if (existsSync(SHELL)) return
  try {
    installPackages(['chromium-headless-shell'], why, { update: !which('chromium') })
  } catch {
    if (which('chromium')) say('It is not to be had here; the whole Chromium does.')
    else installPackages(['chromium'], why)
  }
}
