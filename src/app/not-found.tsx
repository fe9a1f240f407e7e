import * as say from '../words/en/screens/pages'
import { Link } from '../ui/link'
import { buttonClass } from '@/ui/button'
import { Mark } from '@/ui/dip'

export default function NotFound() {
  return (
    <main id="main" className="mx-auto grid min-h-dvh max-w-[560px] content-center gap-4 p-6">
      <Mark className="h-7 w-11" />
      <h1 className="title text-[32px]">{say.nothingStandsHere}</h1>
      <p className="text-[18px]">{say.theLinkIsOld}</p>
      <Link href="/" className={buttonClass('primary', 'justify-self-start px-6')}>
        {say.toTheStands}
      </Link>
    </main>
  )
}
