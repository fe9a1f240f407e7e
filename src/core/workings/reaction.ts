import { armForce, DROPOUTS, type Dropout, reactionOf, wheelTorque, WORST_FRICTION } from '../axle'
import { preloadOf } from '../fasteners'
import { choice, mm, thread, yesNo, threadOf } from './fields'
import { working } from './working'

/** Will the axle turn in its slots under throttle? */
export const reaction = working({
  edition: 1,
  group: 'axle',
  fields: {
    kv: { is: 'number', unit: 'rpm/V', low: 0.1, high: 5000, start: 11 },
    amps: { is: 'number', unit: 'A', low: 0, high: 2000, start: 25 },
    regenAmps: { is: 'number', unit: 'A', low: 0, high: 2000, start: 8 },
    ratio: { is: 'number', unit: null, low: 0.1, high: 200, start: 1 },
    thread: thread('M12×1.25'),
    flats: mm(2, 60, { start: 10 }),
    thickness: mm(1, 60, { start: 6 }),
    material: choice(DROPOUTS, 'steel'),
    nutTorque: { is: 'number', unit: 'Nm', low: 0, high: 400, start: 45 },
    face: mm(5, 100, { start: 22 }),
    ends: choice(['both', 'one'], 'both'),
    play: mm(0, 5, { optional: true }),
    asDelivered: yesNo('yes'),
    slotWorn: yesNo('no'),
    tabWasher: yesNo('yes'),
    arm: choice(['none', 'fitted'], 'none'),
    armLength: mm(10, 1000, { start: 100 }),
  },
  formula: 'T = 60/(2π·Kv)·I·ratio;  p = 6·(M − μ·F·(r1 + r2))/(t·c²), c = √(d² − w²);  1.5·T at μ = 0.10;  F = 1.5·T/arm',
  source: 'statics; one-sided linear pressure; limits of material and torque: estimated',
  basis: 'estimated',
  work: ({ n, maybe, word }) => {
    const t = threadOf(word('thread'))
    if (n('flats').value >= t.d) return { senseless: 'flats not below diameter' }
    const [kv, ratio] = [n('kv').value, n('ratio').value]
    const face = n('face').value
    const radius = (face + t.d) / 4
    const play = maybe('play')?.value
    const nutPull = preloadOf(t, n('nutTorque').value, { dw: face, dh: t.d }, WORST_FRICTION)
    const held = reactionOf({
      drive: wheelTorque(kv, n('amps').value, ratio),
      regen: wheelTorque(kv, n('regenAmps').value, ratio),
      ends: word('ends') === 'both' ? 2 : 1,
      diameter: t.d,
      flats: n('flats').value,
      thickness: n('thickness').value,
      material: word('material') as Dropout,
      nutPull,
      radii: [radius, radius],
      ...(play === undefined ? {} : { play }),
      asDelivered: word('asDelivered') === 'yes',
      slotWorn: word('slotWorn') === 'yes',
      tabWasher: word('tabWasher') === 'yes',
    })
    return {
      result: { id: 'torque', value: held.torque, unit: 'Nm' },
      also: [
        { id: 'friction', value: held.friction, unit: 'Nm' },
        { id: 'tight', value: held.tight, unit: 'MPa' },
        { id: 'loose', value: held.loose, unit: 'MPa' },
        { id: 'stands', value: held.stands, unit: 'MPa' },
        { id: 'armForce', value: armForce(held.torque, n('armLength').value), unit: 'N' },
      ],
      verdict: held.verdict === 'arm wanted' && word('arm') === 'fitted' ? 'held by its arm' : held.verdict,
      why: held.why,
      notes: held.lowerBound ? ['lower bound'] : [],
    }
  },
})
