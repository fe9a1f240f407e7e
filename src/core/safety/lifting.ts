/** A lift above this is for two people, kg. What a shop of small machines keeps to. */
export const TWO_PEOPLE_ABOVE = 20

/** What one person may lift at the best, kg: above it by hoist or jack. ISO 11228-1:2021, table H.1. */
export const ONE_PERSON_AT_BEST = 25

/** From here on a part is taken with both hands, kg: what slips out of one is heavy enough to break a toe. An estimate. */
export const TWO_HANDS_FROM = 3
