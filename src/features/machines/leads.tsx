import { feedOrder, type MachineFile } from '../../core/machine'

/**
 * The leads of a machine: what their plugs measure, what they pass, in which order where they share a hole, and the slack at both
 * locks.
 */
export function Leads({ file }: { readonly file: MachineFile }) {
  if (file.cables.length === 0) return null
  const names = new Map([...file.joints, ...file.parts, ...file.connections, ...file.cables].map((x) => [x.id, x.name]))
  const partOf = (part: string): string => names.get(part) ?? part
  return (
    <section aria-label="Leads" className="mt-4 max-w-[820px]">
      <h2 className="title text-[22px]">Leads</h2>
      <ul className="mt-1 grid gap-1 text-[16.5px]">
        {file.cables.map((cable) => (
          <li key={cable.id} className="border-t border-rule py-1.5">
            <span className="font-semibold">{cable.name}</span>
            {cable.end ? ` · plug ${cable.end.width} × ${cable.end.height} mm, ±${cable.end.tolerance}` : ''}
            {cable.diameter !== undefined ? ` · ${cable.diameter} mm thick` : ''}
            {cable.slack ? ` · slack ${cable.slack.leftLock.value} mm at left lock, ${cable.slack.rightLock.value} mm at right` : ''}
            {cable.ties?.map((tie) => (
              <span key={tie.joint} className="block text-[15.5px] text-steel">
                Tied by the {names.get(tie.joint) ?? tie.joint}
                {tie.shares.length > 0 ? `, which also hold the ${tie.shares.map((id) => names.get(id) ?? id).join(' and the ')}` : ''}.
              </span>
            ))}
          </li>
        ))}
        {file.holes.map((hole) => {
          const leads = file.cables.filter((c) => c.route.includes(hole.id))
          const { order, stuck } = feedOrder(hole, leads)
          return (
            <li key={hole.id} className="border-t border-rule py-1.5">
              <span className="font-semibold">{hole.name ?? `hole in the ${partOf(hole.part)}`}</span> · {hole.width} × {hole.height} mm
              {leads.length > 1
                ? hole.passing === 'together'
                  ? ` · as one bundle: ${leads.map((c) => c.name).join(', ')}`
                  : ` · one after the other: ${order.map((c) => c.name).join(', then ')}`
                : leads.map((c) => ` · ${c.name}`)}
              {stuck ? (
                <span className="block">
                  <span className="font-bold text-look">◆ </span>The plug of the {stuck.name} does not pass: its pins come out of the
                  housing first.
                </span>
              ) : null}
            </li>
          )
        })}
      </ul>
    </section>
  )
}
