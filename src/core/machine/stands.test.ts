import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { STANDS, turnOfPicture, turnOfPose, type Vec3 } from './index'

const ON = STANDS['on-its-wheels']

describe('a picture, turned as the machine stands now', () => {
  it.each([
    // From its left one sees its nose on the left: on its tail the nose points up, a quarter clockwise.
    ['left', ON, STANDS['on-its-tail'], 90],
    ['right', ON, STANDS['on-its-tail'], -90],
    ['left', ON, STANDS['upside-down'], 180],
    ['front', ON, STANDS['upside-down'], 180],
    // From the front its left is on the right: laid on its left it falls clockwise.
    ['front', ON, STANDS['on-its-left'], 90],
    ['rear', ON, STANDS['on-its-left'], -90],
    ['left', STANDS['on-its-tail'], ON, -90],
    ['left', ON, ON, 0],
    ['top', STANDS['on-its-tail'], STANDS['on-its-tail'], 0],
  ] as const)('from %s, %j then %j: %d degrees', (side, then, now, turned) => {
    expect(Math.abs(turnOfPicture(side, then, now)!)).toBe(Math.abs(turned))
    if (Math.abs(turned) !== 180) expect(turnOfPicture(side, then, now)).toBe(turned)
  })
  it('is not known along what is up, from no side, or in a pose that nobody knows', () => {
    expect(turnOfPicture('top', ON, STANDS['on-its-tail'])).toBeNull()
    expect(turnOfPicture('left', ON, STANDS['on-its-left'])).toBeNull()
    expect(turnOfPicture(undefined, ON, ON)).toBeNull()
    expect(turnOfPicture('constructor', ON, ON)).toBeNull()
    expect(turnOfPicture('left', null, ON)).toBeNull()
    expect(turnOfPose('no-such')).toBeNull()
    expect(turnOfPose('toString')).toBeNull()
  })
  it('there and back is no turn, and two turns add up', () => {
    const angle = fc.constantFrom(0, 90, 180, -90, 30, -45)
    const pose = fc.tuple(angle, angle, angle) as fc.Arbitrary<Vec3>
    const side = fc.constantFrom('left', 'right', 'front', 'rear', 'top', 'below')
    fc.assert(
      fc.property(side, pose, pose, pose, (s, a, b, c) => {
        const [ab, bc, ac, ba] = [turnOfPicture(s, a, b), turnOfPicture(s, b, c), turnOfPicture(s, a, c), turnOfPicture(s, b, a)]
        if (ab === null || bc === null || ac === null || ba === null) return
        const apart = (x: number): number => Math.abs((((x % 360) + 540) % 360) - 180)
        expect(apart(ab + ba)).toBeLessThan(0.3)
        expect(apart(ab + bc - ac)).toBeLessThan(0.4)
      }),
      { seed: 8, numRuns: 400 },
    )
  })
})
