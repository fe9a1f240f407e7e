import Link from 'next/link'
import { buttonClass } from '@/ui/button'
import { Mark } from '@/ui/dip'

export default function NotFound() {
  return (
    <main id="main" className="mx-auto grid min-h-dvh max-w-[560px] content-center gap-4 p-6">
      <Mark className="h-7 w-11" />
      <h1 className="title text-[32px]">Nothing stands here</h1>
      <p className="text-[18px]">The link is old, or its machine was never taken in. What is in the shop is on the stands.</p>
      <Link href="/" className={buttonClass('primary', 'justify-self-start px-6')}>
        To the stands
      </Link>
    </main>
  )
}
