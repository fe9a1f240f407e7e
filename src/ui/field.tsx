import clsx from 'clsx'
import {
  type InputHTMLAttributes,
  type ReactNode,
  type SelectHTMLAttributes,
  type TextareaHTMLAttributes,
  useEffect,
  useId,
  useRef,
} from 'react'

const BOX = 'w-full rounded-md border-2 border-steel bg-paper px-3 text-[17px] text-ink placeholder:text-steel'

interface Common {
  readonly label: ReactNode
  readonly hint?: string
}

export function TextField({ label, hint, className, ...rest }: Common & InputHTMLAttributes<HTMLInputElement>) {
  const id = useId()
  return (
    <div className={className}>
      <label htmlFor={id} className="mb-1 block text-[15px] font-semibold">
        {label}
      </label>
      <input id={id} className={clsx(BOX, 'min-h-12')} aria-describedby={hint ? `${id}-hint` : undefined} {...rest} />
      {hint ? (
        <p id={`${id}-hint`} className="mt-1 text-[14px] text-steel">
          {hint}
        </p>
      ) : null}
    </div>
  )
}

export function TextArea({ label, hint, className, ...rest }: Common & TextareaHTMLAttributes<HTMLTextAreaElement>) {
  const id = useId()
  return (
    <div className={className}>
      <label htmlFor={id} className="mb-1 block text-[15px] font-semibold">
        {label}
      </label>
      <textarea id={id} rows={3} className={clsx(BOX, 'min-h-16 py-2')} aria-describedby={hint ? `${id}-hint` : undefined} {...rest} />
      {hint ? (
        <p id={`${id}-hint`} className="mt-1 text-[14px] text-steel">
          {hint}
        </p>
      ) : null}
    </div>
  )
}

/** A choice among many, from a list. */
export function SelectField({ label, hint, className, children, ...rest }: Common & SelectHTMLAttributes<HTMLSelectElement>) {
  const id = useId()
  return (
    <div className={className}>
      <label htmlFor={id} className="mb-1 block text-[15px] font-semibold">
        {label}
      </label>
      <select id={id} className={clsx(BOX, 'min-h-12')} aria-describedby={hint ? `${id}-hint` : undefined} {...rest}>
        {children}
      </select>
      {hint ? (
        <p id={`${id}-hint`} className="mt-1 text-[14px] text-steel">
          {hint}
        </p>
      ) : null}
    </div>
  )
}

/** A choice among a few, as large tiles. */
export function Tiles<T extends string>({
  legend,
  name,
  options,
  value,
  onChange,
  defaultValue,
}: {
  readonly legend: string
  readonly name: string
  readonly options: readonly { readonly value: T; readonly label: ReactNode; readonly hint?: string }[]
  readonly value?: T
  readonly defaultValue?: T
  readonly onChange?: (value: T) => void
}) {
  const field = useRef<HTMLFieldSetElement>(null)
  // A tile tapped before the page's script had come is chosen all the same.
  useEffect(() => {
    const tapped = field.current?.querySelector<HTMLInputElement>('input:checked')?.value
    if (value !== undefined && tapped !== undefined && tapped !== value) onChange?.(tapped as T)
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])
  return (
    <fieldset ref={field}>
      <legend className="mb-1 text-[15px] font-semibold">{legend}</legend>
      <div className="flex flex-wrap gap-2">
        {options.map((o) => (
          <label key={o.value} className="relative cursor-pointer">
            <input
              type="radio"
              name={name}
              value={o.value}
              className="peer absolute inset-0 opacity-0"
              {...(value !== undefined ? { checked: value === o.value } : { defaultChecked: defaultValue === o.value })}
              onChange={() => onChange?.(o.value)}
            />
            <span className="narrow flex min-h-12 flex-col justify-center rounded-lg border-2 border-rule bg-paper px-4 py-1.5 leading-tight peer-checked:border-copper peer-checked:bg-copper-tint peer-focus-visible:outline-3 peer-focus-visible:outline-offset-2 peer-focus-visible:outline-pose">
              {o.label}
              {o.hint ? <span className="font-sans text-[13px] font-normal text-steel">{o.hint}</span> : null}
            </span>
          </label>
        ))}
      </div>
    </fieldset>
  )
}
