import { type CautionRule, lean } from './caution'

export const onItsBars: CautionRule = {
  turning: (turn) => (turn.file.class === 'e-bike' || turn.file.class === 'scooter') && lean(turn.to) > 135,
}
