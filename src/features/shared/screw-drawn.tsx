import { useReader } from './use-line'
import { ScrewSide } from './screw-side'

/** What a label says, drawn to scale; nothing where its thread or length is not known. */
export function Drawn({ label, pxPerMm }: { readonly label: string; readonly pxPerMm: number }) {
  const reader = useReader()
  const what = reader?.readLine(label)
  const crests = what?.thread && reader!.crests(what.thread)
  return what && crests ? <ScrewSide label={label} what={what} d={(crests[0] + crests[1]) / 2} pxPerMm={pxPerMm} /> : null
}
