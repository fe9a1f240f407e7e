'use client'
import { Button } from '@/ui/button'

export default function ErrorPage({ reset }: { readonly error: Error; readonly reset: () => void }) {
  return (
    <main id="main" className="mx-auto grid min-h-dvh max-w-[560px] content-center gap-4 p-6">
      <h1 className="title text-[32px]">This page would not open</h1>
      <p className="text-[18px]">
        The server did not answer as it should. Lines that were logged on a job are kept on this device and go up when they can; what was
        only typed into a form here is not.
      </p>
      <Button weight="primary" className="justify-self-start px-6" onClick={reset}>
        Try again
      </Button>
    </main>
  )
}
