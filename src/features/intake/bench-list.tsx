'use client'
import * as say from '../../words/en/screens/intake-sheets'
import type { MachineFile } from '../../core/machine'
import { type Lift, type Plan, referrals, type ToolWorth } from '../../core/planning'
import { Button } from '../../ui/button'
import { Tiles } from '../../ui/field'
import { clockText } from '../../ui/time'

/** Less than this, and the exact reverse is as good. */
const AS_GOOD = 3

export interface BenchListProps {
  readonly file: MachineFile
  readonly plan: Plan
  /** Minutes of the work at the bottom. */
  readonly swap: number
  /** Epoch ms; 0 before the clock is known. */
  readonly now: number
  readonly lacking: ReadonlySet<string>
  /** What each tool is worth to the job; null until that is known. */
  readonly worths: readonly ToolWorth[] | null
  readonly mayChange: boolean
  readonly avoiding: boolean
  readonly upOrder: Plan['upOrder']
  readonly onLacking: (tool: string, gone: boolean) => void
  readonly onAvoid: (actions: readonly string[]) => void
  readonly onUpOrder: (order: Plan['upOrder']) => void
}

/** What has to be there before the first bolt: tools, what is used up, a second person and when; and the other ways there are. */
export function BenchList({
  file,
  plan,
  swap,
  now,
  lacking,
  worths,
  mayChange,
  avoiding,
  upOrder,
  onLacking,
  onAvoid,
  onUpOrder,
}: BenchListProps) {
  const cure = Math.max(0, ...plan.up.steps.flatMap((s) => s.lock?.cureHours ?? []))
  const gone = [...lacking].filter((name) => file.tools.some((t) => t.name === name) && !plan.tools.some((t) => t.name === name))
  const toBuy = plan.consumables.filter((c) => lacking.has(c.name))
  return (
    <div className="grid gap-3 text-[16px]">
      <Refer file={file} plan={plan} />
      <section>
        <h3 className="narrow text-[15px] text-steel">{say.onTheBenchTap(mayChange)}</h3>
        <ul className="mt-1 flex flex-wrap gap-1.5">
          {plan.tools.map((t) => (
            <li key={t.id}>
              <button
                type="button"
                disabled={!mayChange}
                onClick={() => onLacking(t.name, true)}
                title={[t.form, t.why, t.steps === 1 ? say.onlyFor(t.firstStep) : say.steps(t.steps)].filter(Boolean).join('. ')}
                className={`narrow min-h-11 rounded-md border-2 px-2.5 text-left text-[15px] leading-tight ${t.special ? 'border-look bg-look-tint' : 'border-rule bg-paper'}`}
              >
                {t.special ? <span className="font-bold text-look">◆ </span> : null}
                {t.name}
                {t.form && !t.name.includes(t.form) ? <span className="block text-[13px] text-steel">{t.form}</span> : null}
              </button>
            </li>
          ))}
        </ul>
        {standIns(plan).map((text) => (
          <p key={text} className="mt-1 text-[15.5px]">
            <span className="font-bold text-look">◆ </span>
            {text}
          </p>
        ))}
        <Worth worths={worths} />
        <Gone names={gone} mayChange={mayChange} onBack={(name) => onLacking(name, false)} />
      </section>
      {plan.consumables.length > 0 ? (
        <section>
          <h3 className="narrow text-[15px] text-steel">{say.usedUpTapWhat(mayChange)}</h3>
          <ul className="mt-1 flex flex-wrap gap-1.5">
            {plan.consumables.map((c) => (
              <li key={c.id}>
                <button
                  type="button"
                  disabled={!mayChange}
                  aria-pressed={lacking.has(c.name)}
                  onClick={() => onLacking(c.name, !lacking.has(c.name))}
                  className={`narrow min-h-11 rounded-md border-2 px-2.5 text-[15px] ${lacking.has(c.name) ? 'border-dashed border-look bg-look-tint' : 'border-rule bg-paper'}`}
                >
                  {c.count} × {c.name}
                </button>
              </li>
            ))}
          </ul>
          {toBuy.length > 0 ? (
            <p role="status" className="mt-1 text-[15.5px]">
              <span className="font-bold text-look">◆ </span>
              {say.toGetBefore(toBuy.map((c) => `${c.count} × ${c.name}`).join(', '))}
            </p>
          ) : null}
        </section>
      ) : null}
      <Helper plan={plan} swap={swap} now={now} />
      {plan.underPower ? (
        <p className="border-l-[6px] border-stop bg-stop-tint px-3 py-1.5">
          <span className="font-bold text-stop">▲ </span>
          {say.noWayButLive(plan.underPower)}
        </p>
      ) : null}
      {cure > 0 ? <p className="text-pose">{say.curesBeforeTheRide(cure)}</p> : null}
      {plan.rejected.length > 0 || avoiding ? (
        <section>
          <h3 className="narrow text-[15px] text-steel">{say.itAlsoGoesLike}</h3>
          <ul className="grid gap-1.5">
            {plan.rejected.map((r) => (
              <li key={r.avoid.join()} className="flex flex-wrap items-center gap-2">
                <p className="flex-1 basis-52">
                  {say.otherWay(r.use.length, r.use.join(', '), r.instead.join(', '))}{' '}
                  <span className="text-steel">{r.moreMinutes < 1 ? say.underAMinuteMore : say.minMore(r.moreMinutes)}</span>
                </p>
                {mayChange ? <Button onClick={() => onAvoid(r.avoid)}>{say.thisWay}</Button> : null}
              </li>
            ))}
          </ul>
          {avoiding && mayChange ? (
            <Button className="mt-1" weight="quiet" onClick={() => onAvoid([])}>
              {say.backToTheShortest}
            </Button>
          ) : null}
        </section>
      ) : null}
      {mayChange && plan.reverseMore !== null ? (
        <Tiles
          legend={say.theWayUp}
          name="up-order"
          value={upOrder}
          onChange={onUpOrder}
          options={[
            { value: 'planned', label: say.shortest },
            {
              value: 'reverse',
              label: say.exactReverse,
              ...(plan.reverseMore >= AS_GOOD ? { hint: say.minMore(plan.reverseMore) } : {}),
            },
          ]}
        />
      ) : null}
      {!plan.down.proved || !plan.up.proved ? (
        <p className="text-[14.5px] text-steel">{say.orderWithin(Math.ceil(Math.max(plan.down.gap, plan.up.gap) * 100))}</p>
      ) : null}
    </div>
  )
}

/** Each tool that does another's work, once, with its risk. */
function standIns(plan: Plan): string[] {
  return [
    ...new Set(
      [...plan.down.steps, ...plan.up.steps].flatMap((s) =>
        s.substitute && s.tool ? [say.standsInFor(s.tool.name, s.substitute.for, s.substitute.risk)] : [],
      ),
    ),
  ]
}

/** Which tools have to be there, and which only make it easier. */
function Worth({ worths }: Pick<BenchListProps, 'worths'>) {
  if (!worths || worths.length < 2) return null
  const easier = worths.filter((w) => w.more !== null)
  const felt = easier.filter((w) => w.instead?.byFeel)
  const lines = [
    ...easier
      .filter((w) => !w.instead?.byFeel)
      .map(({ name, more, instead }) =>
        say.without(
          name,
          [...(instead ? [`${instead.name}. ${instead.risk}`] : []), ...(instead && more! < 1 ? [] : [say.extraTime(more!)])].join(' '),
        ),
      ),
    ...(felt.length > 0 ? [say.withoutByFeelNot(felt.map((w) => w.name).join(', '))] : []),
  ]
  return (
    <ul aria-label={say.whatCanBeLeft} className="mt-1 text-[15.5px] text-steel">
      {lines.map((text) => (
        <li key={text}>{text}</li>
      ))}
      <li>{lines.length === 0 ? say.noneOfItCan : say.allOtherTools}</li>
    </ul>
  )
}

/** Is this one mine to do? What in it is for somebody who has done it before. */
function Refer({ file, plan }: Pick<BenchListProps, 'file' | 'plan'>) {
  const found = referrals(file, plan)
  const apart = found.flatMap((r) => (r.why === 'steering' ? [say.theSteering] : r.why === 'brakes' ? [say.aBrake] : []))
  const heavy = found.flatMap((r) => (r.why === 'heavy' ? [`${r.part}, ${r.kg} kg`] : []))
  return (
    <>
      {found.some((r) => r.why === 'high voltage') ? (
        <p className="border-l-[6px] border-stop bg-stop-tint px-4 py-2 text-[16.5px]">
          <span className="font-bold text-stop">▲ </span>
          {say.moreThan60V}
        </p>
      ) : null}
      {apart.length + heavy.length > 0 ? (
        <p>
          <span className="font-bold text-look">◆ </span>
          {say.comesApartHere(apart.length, apart.join(say.and), heavy.length, heavy.join('; '))}
        </p>
      ) : null}
    </>
  )
}

/** Tools that somebody said are not here: one tap and they are again. */
export function Gone({
  names,
  mayChange,
  onBack,
}: {
  readonly names: readonly string[]
  readonly mayChange: boolean
  readonly onBack: (name: string) => void
}) {
  return names.length === 0 ? null : (
    <p className="mt-1 flex flex-wrap items-center gap-1.5 text-[15.5px]">
      <span className="text-steel">{say.notHere}</span>
      {names.map((name) => (
        <button
          key={name}
          type="button"
          disabled={!mayChange}
          onClick={() => onBack(name)}
          className="narrow min-h-11 rounded-md border-2 border-dashed border-steel px-2.5 text-[15px]"
        >
          <s>{name}</s> <span className="text-steel">{say.hereAgain}</span>
        </button>
      ))}
    </p>
  )
}

function Helper({ plan, swap, now }: Pick<BenchListProps, 'plan' | 'swap' | 'now'>) {
  const after = plan.down.minutes.elapsed + swap
  const calls: Lift[] = [...plan.helper.down, ...plan.helper.up.map((l) => ({ ...l, from: l.from + after }))]
  const [alone, both] = [plan.down.minutes.elapsed + plan.up.minutes.elapsed, plan.down.together.minutes + plan.up.together.minutes]
  const sooner = Math.round(alone - both)
  if (calls.length === 0 && sooner < AS_GOOD) return null
  return (
    <section>
      <h3 className="narrow text-[15px] text-steel">{say.twoPeople}</h3>
      <ul>
        {calls.map((l) => (
          <li key={l.from}>
            <span aria-hidden>◩◩ </span>
            {say.helperFor(
              now,
              clockText(now + l.from * 60_000, now),
              l.from,
              Math.max(1, Math.round(l.minutes)),
              l.titles[0],
              l.titles.length,
              l.titles.at(-1),
            )}
          </li>
        ))}
      </ul>
      {sooner >= AS_GOOD ? (
        <p>{say.aSecondMechanicAll(sooner, now, clockText(now + (after + plan.up.minutes.elapsed - sooner) * 60_000, now))}</p>
      ) : null}
    </section>
  )
}
