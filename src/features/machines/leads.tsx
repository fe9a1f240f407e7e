import * as say from '../../words/en/screens/machines'
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
    <section aria-label={say.leads} className="mt-4 max-w-[820px]">
      <h2 className="title text-[22px]">{say.leads}</h2>
      <ul className="mt-1 grid gap-1 text-[16.5px]">
        {file.cables.map((cable) => (
          <li key={cable.id} className="border-t border-rule py-1.5">
            <span className="font-semibold">{cable.name}</span>
            {cable.end ? say.plug(cable.end) : null}
            {cable.diameter !== undefined ? say.thick(cable.diameter) : null}
            {cable.slack ? say.slack(cable.slack.leftLock.value, cable.slack.rightLock.value) : null}
            {cable.ties?.map((tie) => (
              <span key={tie.joint} className="block text-[15.5px] text-steel">
                {say.tiedByTheWhich(
                  names.get(tie.joint) ?? tie.joint,
                  tie.shares.length,
                  tie.shares.map((id) => names.get(id) ?? id).join(say.andThe),
                )}
              </span>
            ))}
          </li>
        ))}
        {file.holes.map((hole) => {
          const leads = file.cables.filter((c) => c.route.includes(hole.id))
          const { order, stuck, by } = feedOrder(hole, leads)
          return (
            <li key={hole.id} className="border-t border-rule py-1.5">
              <span className="font-semibold">{hole.name ?? say.holeInThe(partOf(hole.part))}</span> · {say.holeSize(hole)} mm
              {leads.length > 1
                ? hole.passing === 'together'
                  ? say.asOneBundle(leads.map((c) => c.name).join(', '))
                  : say.oneAfterTheOther(order.map((c) => c.name).join(', then '))
                : leads.map((c) => ` · ${c.name}`)}
              {stuck ? (
                <span className="block">
                  <span className="font-bold text-look">◆ </span>
                  {say.thePlug(stuck.name, by)}
                </span>
              ) : null}
            </li>
          )
        })}
      </ul>
    </section>
  )
}
