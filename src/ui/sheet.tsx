'use client'
import * as say from '../words/en/screens/ui'
import { X } from 'lucide-react'
import { setNonce } from 'get-nonce'
import * as Dialog from '@radix-ui/react-dialog'
import { type ReactNode, useEffect } from 'react'

/** A sheet over the right side (from below on a phone) for one thing to be filled in. */
export function Sheet({
  open,
  onClose,
  title,
  note,
  wide,
  children,
}: {
  readonly open: boolean
  readonly onClose: () => void
  readonly title: string
  readonly note?: string
  /** For what is drawn: as wide again. */
  readonly wide?: boolean
  readonly children: ReactNode
}) {
  useEffect(() => {
    // The scroll lock writes a style element: under the page's policy it needs the page's nonce.
    const nonce = document.querySelector<HTMLScriptElement>('script[nonce]')?.nonce
    if (nonce) setNonce(nonce)
  }, [])
  return (
    <Dialog.Root open={open} onOpenChange={(next) => next || onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-[#0d1419]/55" />
        <Dialog.Content
          aria-describedby={undefined}
          className={`fixed z-50 flex flex-col overflow-y-auto border-rule bg-paper p-5 max-md:inset-x-0 max-md:bottom-0 max-md:max-h-[92dvh] max-md:rounded-t-lg max-md:border-t md:inset-y-0 md:right-0 md:border-l ${wide ? 'md:w-[720px]' : 'md:w-[480px]'}`}
        >
          <div className="mb-3 flex items-start justify-between gap-3">
            <div>
              <Dialog.Title className="title text-[25px]">{title}</Dialog.Title>
              {note ? <p className="mt-1 text-[15px] text-steel">{note}</p> : null}
            </div>
            <Dialog.Close aria-label={say.close} className="-mr-2 -mt-1 grid size-12 shrink-0 place-items-center rounded-md">
              <X aria-hidden className="size-6" />
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
