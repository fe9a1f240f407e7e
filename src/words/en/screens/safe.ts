export const oneLeadClipped = 'One lead clipped to minus, one hand with the probe, the other hand behind your back'
export const proveItDead = 'Prove it dead'
export const limitAtEveryPlace = (limit: number, isB: boolean, full: number | null, isLive: boolean): string =>
  `${limit} V DC or less at every place. ${isB ? `${full === null ? 'Its voltage is not known, so it counts as above 60 V' : 'Above 60 V'}: a qualified person, every reading below, the tester proved before and after. This record is no substitute for the shop’s high-voltage procedure. ` : ''}${isLive ? 'It still counts as live: isolate it first.' : ''}`
export const nobodyKnowsItsVoltage = (full: number | null): string =>
  `${full === null ? 'Nobody knows its voltage, so it' : 'It'} is shown dead only by whoever answers for it above 60 V. What you measure is logged, and proves nothing yet.`
export const sayWhatItsCharger = 'Say what its charger says'
export const iAmQualifiedI = 'I am qualified, I make it safe'
export const meterChecked = 'Meter, checked'
export const places = 'Places'
export const asTheLastTwo = (limit: number, again: string): string =>
  `◩ As the last two readings fall it should be under ${limit} V at ${again}. Measure then: a forecast proves nothing.`
export const nextPlace = 'Next place'
export const logThisProof = 'Log this proof'
export const chargersLabel = 'Charger’s label'
export const whatItGivesOut = 'what it gives out, V'
export const itsCells = 'Its cells'
export const countedInSeries = 'counted in series'
export const aReading = 'A reading'
export const ofThePackAs = 'of the pack as it is now'
export const liIon = 'Li-ion'
export const lfp = 'LFP'
export const lead = 'Lead'
export const fullChargeIsNot = '▲ Full charge is not known: it counts as above 60 V'
export const fullCharge = (told: string): string => `Full charge: ${told}`
export const aReadingOfMore = (readingClassA: number, classLimit: number): string =>
  `A reading of more than ${readingClassA} V may be of a pack that is not full: it counts as above ${classLimit} V until the label or the cells are known.`
export const theHighestStandsUntil = 'The highest stands until a lead crosses it out in the journal.'
export const sayItBySomething = 'Say it by something else'
export const knownBy = 'Known by'
export const usualLabels = 'Usual labels'
export const kindOfCell = 'Kind of cell'
export const meter = 'Meter'
export const cellsInSeries = 'Cells in series'
export const anotherLabelV = 'Another label, V'
export const shownAtThePack = 'Shown at the pack, V'
export const logFullCharge = 'Log full charge'
export const live = '▲ Live'
export const packInAndPlugged = 'pack in and plugged'
export const isolatedPackAboard = '◆ Isolated, pack aboard'
export const itsPlugIsCapped = 'its plug is capped'
export const packOut = '● Pack out'
export const awayFromTheBench = 'away from the bench'
export const shownToBeDead = 'Shown to be dead'
export const makeItSafe = 'Make it safe'

export const ringsOffInsulatedTools = 'Rings off, insulated tools, one pole capped at a time.'
export const twoDevicesDisagree = (disputed: boolean, dead: boolean, instrument: string): string =>
  `${disputed ? '▲ Two devices disagree: it counts as not dead' : dead ? '● Last proof' : '▲ Last reading was not dead'} · ${instrument}`
export const ended = (ended: string): string => `◆ Ended: ${ended}`
export const aProofEndsWhen = (high: boolean, span: string): string =>
  `A proof ends when anything is plugged back${high ? ', when another takes over' : ''}, or after ${span} with the pack aboard. With the pack out it holds until the pack returns.`
export const howItStands = 'How it stands'
export const preChargeFirst =
  'Pre-charge first: a resistor across the gap for a few seconds, then the plug. Without it expect a spark that pits the contact. Hands clear of the wheels.'
export const asLogged = 'As logged'
export const log = (label: string): string => `Log: ${label}`
export const aMechanicChangesThis = 'A mechanic changes this.'
export const voltage = 'Voltage'
export const resistance = 'Resistance'
export const current = 'Current'
export const temperature = 'Temperature'
export const length = 'Length'
export const what = 'What'
export const where = 'Where'
export const frontPhasesYellow = 'front phases, yellow to green'
export const stateWhileItWas = 'State while it was taken'
export const dead = 'Dead'
export const shown = 'Shown'
export const logIt = 'Log it'
export const fullChargeIs = (volts: number, cells: number | undefined, high: boolean): string =>
  `Full charge: ${volts} V${cells === undefined ? '' : ` (${cells} cells)`}. ${
    high ? 'Above 60 V DC: only a qualified person, with a procedure of the shop.' : ringsOffInsulatedTools
  }`
export const notDeadAt = (volts: number, reading: string): string =>
  `${volts} V at the ${reading}: not dead. It is logged as such. Press the power button, wait, measure again.`
export const theTesterShowsV = (volts: number): string =>
  `The tester shows ${volts} V on a source that is known to be live: it proves nothing. It is logged as such. Another tester, from the start.`
export const theReadingIsMissing = (role: string): string => `The reading “${role}” is missing: all of them are wanted.`
export const theTesterHas = 'The tester has to be proved first and last.'
export const sourceIsTooLow = (volts: number, least: number): string =>
  `${volts} V proves no tester: the source has to be ${least > 6 ? `at least ${Number(least.toPrecision(3))} V, half of full charge, or a proving unit by its name` : 'above 6 V'}. It is logged as such.`
export const theTesterDrifted = (before: number, after: number): string =>
  `The tester showed ${before} V before and ${after} V after: more than a tenth apart. It proves nothing. Another tester, from the start.`
export const testerIsTooCoarse = (step: number): string =>
  `Its lowest lamp comes on at ${step} V, above the limit: it cannot show dead. It is logged as such. Take one that reads lower.`
export const holdTheRotor = 'How is the rotor kept from turning? A turning rotor is a source.'
export const theRotor = 'The rotor, from now until the lid is on'
export const chocked = 'Wheels chocked'
export const movedEndsIt = 'moved or turned, the proof ends'
export const phasesParted = 'Phases parted and capped'
export const noPhases = 'It has no phases: brushed'
export const triedOn = 'Tried on'
export const thePacksOwnPlug = 'the pack’s own plug'
export const aSourceByName = 'a source by its name'
export const nameTheSource = 'On what was the meter tried? This machine has no pack of its own.'
export const anySourceAbove = 'Or any other source above 6 V, by its name.'
export const halfOrAUnit = 'At least half of full charge; or a proving unit, by its name.'
export const minutesFirst = 'The minutes for its capacitors run first. No reading makes them shorter.'
export const volts = (figure: string): string => `${figure} V`
export const isNotAVoltage = (text: string): string => `“${text}” is not a voltage.`
export const keyInWhat = 'Key in what the meter shows, 0 too.'
export const noMeterHereReads = 'No meter here reads that. Look at the range.'
export const whichMeterItHas = 'Which meter? It has to be one that was checked.'
export const byItsCharger = 'by its charger'
export const byItsCells = 'by its cells'
export const readAtThePack = 'read at the pack'
export const toldAtTheDoor = 'told at the door'
export const isNotACount = (text: string): string => `“${text}” is not a count of cells in series: 1 to 500.`
export const isNotAPacks = (text: string): string => `“${text}” is not a pack’s voltage: 1 to 2,000 V.`
export const above60V = 'Above 60 V: a shock can kill.'
export const aSlippedToolAcross = 'A slipped tool across the pack arcs and burns.'
export const aKnockedThrottleStarts = 'A knocked throttle starts a wheel under your hands.'
export const theControllersStayCharged = 'The controllers stay charged after the plug is out.'
export const thePackIsHeavy = 'The pack is heavy: it never hangs on its lead.'
export const whereVoltsStand = 'The job says dead. Where do these volts stand?'
export const onTheMachine = 'On the machine'
export const proofEnds = 'then its proof ends'
export const onASource = 'On a pack, a charger, a source of its own'
export const itWasTurned = 'The rotor was turned for it, its phases parted'
export const sayWhereVoltsStand = 'Where do these volts stand? On a dead machine there are none.'
export const theJobSaysDead = 'The job says dead. Log it live first, at the strip, then take a live reading.'
export const whatWasOpened = 'What was opened?'
export const beforePowerComes = 'Before its power comes back:'
export const sayHowItComes = 'Say how its first power comes'
export const turnedByHand = (rpm: number, volts: number): string =>
  `A wheel turned by hand feeds its phases: no faster than ${rpm} turns a minute keeps it under ${volts} V. Nobody touches an open lug meanwhile.`
