/** What it risks to do without a torque tool. */
export const BY_FEEL = 'By feel: its number is then not measured.'
