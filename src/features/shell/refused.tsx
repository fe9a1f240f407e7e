import * as say from '../../words/en/screens/shell'
import { Link } from '../../ui/link'
import { buttonClass } from '../../ui/button'

/** A page that this role may not use, and where to go instead. */
export function Refused({ what }: { readonly what: string }) {
  return (
    <main id="main" className="mx-auto grid max-w-[560px] gap-4 p-6 pt-16">
      <h1 className="title text-[28px]">{say.notWithThisSign}</h1>
      <p className="text-[18px]">{what}</p>
      <Link href="/" className={buttonClass('primary', 'justify-self-start px-6')}>
        {say.toTheStands}
      </Link>
    </main>
  )
}
