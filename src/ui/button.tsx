import clsx from 'clsx'
import type { ButtonHTMLAttributes, ReactNode } from 'react'

export type Weight = 'primary' | 'plain' | 'quiet' | 'stop'

const LOOK: Record<Weight, string> = {
  primary: 'bg-copper text-on-copper border-copper min-h-[58px] text-[19px]',
  plain: 'bg-paper text-ink border-ink min-h-12',
  quiet: 'bg-transparent text-ink border-rule min-h-12',
  stop: 'bg-paper text-stop border-stop min-h-12',
}

/** The classes of a button, for links that look like one. */
export function buttonClass(weight: Weight = 'plain', more?: string): string {
  return clsx(
    'narrow inline-flex items-center justify-center gap-2 rounded-lg border-2 px-4 py-2 text-center leading-tight',
    'hover:brightness-[0.96] active:translate-y-px disabled:border-rule disabled:bg-transparent disabled:text-steel',
    'aria-disabled:border-rule aria-disabled:bg-transparent aria-disabled:text-steel',
    LOOK[weight],
    more,
  )
}

export interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly weight?: Weight
  /** Key shown at the right edge. */
  readonly hint?: string
  readonly children: ReactNode
}

export function Button({ weight = 'plain', hint, children, className, type = 'button', ...rest }: ButtonProps) {
  return (
    <button type={type} className={buttonClass(weight, className)} {...rest}>
      <span className={hint ? 'flex-1 text-left' : undefined}>{children}</span>
      {hint ? (
        <kbd className="rounded-sm border border-current px-2 py-0.5 font-sans text-[13px] font-normal opacity-90 max-md:hidden">
          {hint}
        </kbd>
      ) : null}
    </button>
  )
}

/** A small choice that is on or off by itself. */
export function Chip({ on, onClick, children }: { readonly on: boolean; readonly onClick: () => void; readonly children: ReactNode }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={onClick}
      className="narrow min-h-11 rounded-md border-2 border-rule bg-paper px-2.5 text-[15px] aria-pressed:border-copper aria-pressed:bg-copper-tint"
    >
      {children}
    </button>
  )
}
