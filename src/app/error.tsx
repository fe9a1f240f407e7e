'use client'
import * as say from '../words/en/screens/pages'
import { Button } from '@/ui/button'

export default function ErrorPage({ reset }: { readonly error: Error; readonly reset: () => void }) {
  return (
    <main id="main" className="mx-auto grid min-h-dvh max-w-[560px] content-center gap-4 p-6">
      <h1 className="title text-[32px]">{say.thisPageWouldNot}</h1>
      <p className="text-[18px]">{say.theServerDidNot}</p>
      <Button weight="primary" className="justify-self-start px-6" onClick={reset}>
        {say.tryAgain}
      </Button>
    </main>
  )
}
