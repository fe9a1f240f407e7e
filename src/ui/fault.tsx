/** What is wrong with what was keyed in or asked for: said at once, and nothing is lost. */
export function Fault({ text }: { readonly text: string | undefined }) {
  return text ? (
    <p role="alert" className="text-[16px] font-semibold text-stop">
      ▲ {text}
    </p>
  ) : null
}
