'use client'
import { roleName } from '../../words/en/names'
import * as say from '../../words/en/screens/shell'
import clsx from 'clsx'
import { Moon, Sun } from 'lucide-react'
import { Link } from '../../ui/link'
import { type ReactNode, useState, useTransition } from 'react'
import { forgetPages } from '../../client/offline'
import { Mark } from '../../ui/dip'
import { useNow } from '../../ui/time'

/** The pages of the shop, one line each. On a narrow screen those are there that the bench needs. */
const LINKS = [
  { id: 'stands', href: '/', name: say.stands, wide: false, for: 'all' },
  { id: 'take-in', href: '/take-in', name: say.takeIn, wide: false, for: 'all' },
  { id: 'machines', href: '/machines', name: say.machines, wide: true, for: 'all' },
  { id: 'instruments', href: '/instruments', name: say.instruments, wide: true, for: 'all' },
  { id: 'workings', href: '/workings', name: say.workings, wide: true, for: 'all' },
  { id: 'people', href: '/people', name: say.people, wide: true, for: 'lead' },
] as const

/** What stands below the bar. Rendered by the root, so that the bar’s script is packed once for all pages instead of once a page. */
export function UnderTheBar({ children }: { readonly children: ReactNode }) {
  return children
}

export interface HeaderProps {
  readonly shop: string
  readonly person: { readonly name: string; readonly role: string }
  readonly light: 'day' | 'night'
  readonly here: (typeof LINKS)[number]['id'] | 'job'
  readonly setLight: (light: 'day' | 'night') => Promise<void>
  readonly signOut: () => Promise<void>
}

const today = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'long' })

export function Header({ shop, person, light: first, here, setLight, signOut }: HeaderProps) {
  const [light, setLocal] = useState(first)
  const [, start] = useTransition()
  const now = useNow(60_000)
  const turn = (): void => {
    const next = light === 'night' ? 'day' : 'night'
    setLocal(next)
    document.documentElement.dataset['light'] = next
    start(() => void setLight(next))
  }
  return (
    <header data-on="bar" className="screen-only flex min-h-12 items-center gap-4 bg-bar px-4 text-on-bar max-md:gap-2">
      <a href="#main" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-paper focus:p-3 focus:text-ink">
        {say.toTheWork}
      </a>
      <Link href="/" className="flex min-h-12 items-center gap-3" aria-label={say.nailsmithToTheStands}>
        <Mark className="h-[21px] w-[34px]" />
        <span className="title text-[19px] max-md:hidden">{say.nailsmith}</span>
      </Link>
      <nav aria-label={say.main} className="flex gap-1">
        {LINKS.filter((l) => l.for !== 'lead' || person.role === 'lead').map((l) => (
          <Link
            key={l.id}
            href={l.href}
            aria-current={here === l.id ? 'page' : undefined}
            className={clsx(
              'flex min-h-12 items-center whitespace-nowrap border-b-[3px] border-transparent px-2 text-[15px] text-bar-quiet aria-[current=page]:border-[#e08a52] aria-[current=page]:text-on-bar',
              l.wide && 'max-md:hidden',
            )}
          >
            {l.name}
          </Link>
        ))}
      </nav>
      <details className="relative md:hidden">
        <summary className="flex min-h-12 cursor-pointer list-none items-center px-2 text-[15px] text-bar-quiet">{say.more}</summary>
        <ul className="absolute left-0 top-full z-40 min-w-40 bg-bar py-1 shadow-lg">
          {LINKS.filter((l) => l.wide && (l.for !== 'lead' || person.role === 'lead')).map((l) => (
            <li key={l.id}>
              <Link
                href={l.href}
                aria-current={here === l.id ? 'page' : undefined}
                className="flex min-h-12 items-center px-4 text-[16px] text-bar-quiet aria-[current=page]:text-on-bar"
              >
                {l.name}
              </Link>
            </li>
          ))}
        </ul>
      </details>
      <p className="ml-auto truncate text-[15px] text-bar-quiet max-sm:invisible">
        <span className="max-lg:hidden">
          {shop} · {now > 0 ? `${today.format(now)} · ` : ''}
        </span>
        {person.name}
        <span className="max-md:hidden">, {roleName(person.role)}</span>
      </p>
      <button
        type="button"
        onClick={turn}
        aria-label={light === 'night' ? say.dayColours : say.nightColours}
        className="grid size-12 shrink-0 place-items-center"
      >
        {light === 'night' ? <Sun aria-hidden className="size-5" /> : <Moon aria-hidden className="size-5" />}
      </button>
      <button
        type="button"
        onClick={() => void forgetPages().then(() => start(() => void signOut()))}
        className="min-h-12 shrink-0 px-1 text-[15px] text-bar-quiet underline underline-offset-4"
      >
        {say.signOut}
      </button>
    </header>
  )
}
