import { cameOff } from './came-off'
import { checkFailed } from './check-failed'
import { checkOverridden } from './check-overridden'
import { checkPassed } from './check-passed'
import { costTold } from './cost-told'
import { damageNoted } from './damage-noted'
import { deliveryCounted } from './delivery-counted'
import { faultCalled } from './fault-called'
import { fixingFound } from './fixing-found'
import { fixingIn } from './fixing-in'
import { fixingKeptOut } from './fixing-kept-out'
import { fixingLost } from './fixing-lost'
import { fixingOut } from './fixing-out'
import { fixingReplaced } from './fixing-replaced'
import { goalSet } from './goal-set'
import { handedBack } from './handed-back'
import { handedOver } from './handed-over'
import { jobOpened } from './job-opened'
import { lockApplied } from './lock-applied'
import { lockDisturbed } from './lock-disturbed'
import { lookMade } from './look-made'
import { noteAdded } from './note-added'
import { offCorrected } from './off-corrected'
import { openedTold } from './opened-told'
import { orderSaidOf } from './order-said'
import { ownerAsked } from './owner-asked'
import { packChecked } from './pack-checked'
import { parked } from './parked'
import { partOff } from './part-off'
import { partOn } from './part-on'
import { partReplaced } from './part-replaced'
import { photoAdded } from './photo-added'
import { photoPinned } from './photo-pinned'
import { planAdopted } from './plan-adopted'
import { plugLooked } from './plug-looked'
import { poseChanged } from './pose-changed'
import { powerChanged } from './power-changed'
import { proofTaken } from './proof-taken'
import { readingTaken } from './reading-taken'
import { recheckSet } from './recheck-set'
import { replacementCompared } from './replacement-compared'
import { resumed } from './resumed'
import { rideAdded } from './ride-added'
import { saltWater } from './salt-water'
import { settingsNoted } from './settings-noted'
import { stageMoved } from './stage-moved'
import { stepAdded } from './step-added'
import { stepDiffers } from './step-differs'
import { stepDone } from './step-done'
import { stepLeft } from './step-left'
import { stepMoved } from './step-moved'
import { strayFound } from './stray-found'
import { straySettled } from './stray-settled'
import { struck } from './struck'
import { symptomNoted } from './symptom-noted'
import { testObserved } from './test-observed'
import { testSkipped } from './test-skipped'
import { trialMade } from './trial-made'
import { variantAnswered } from './variant-answered'
import { voltageTold } from './voltage-told'
import { waitEnded } from './wait-ended'
import { widthConverted } from './width-converted'
import { workedOut } from './worked-out'

/** Every kind of entry, one line each, in the order of a job. Its schema is the file beside it, `<kind>.schema.ts`. */
export const KINDS = {
  'job-opened': jobOpened,
  'goal-set': goalSet,
  'variant-answered': variantAnswered,
  'symptom-noted': symptomNoted,
  'damage-noted': damageNoted,
  'pack-checked': packChecked,
  'replacement-compared': replacementCompared,
  'delivery-counted': deliveryCounted,
  'salt-water': saltWater,
  'cost-told': costTold,
  'owner-asked': ownerAsked,
  'settings-noted': settingsNoted,
  'note-added': noteAdded,
  'photo-added': photoAdded,
  'photo-pinned': photoPinned,
  'reading-taken': readingTaken,
  'test-observed': testObserved,
  'test-skipped': testSkipped,
  'trial-made': trialMade,
  'plug-looked': plugLooked,
  'look-made': lookMade,
  'fault-called': faultCalled,
  'voltage-told': voltageTold,
  'power-changed': powerChanged,
  'proof-taken': proofTaken,
  'plan-adopted': planAdopted,
  'step-done': stepDone,
  'wait-ended': waitEnded,
  'step-left': stepLeft,
  'step-moved': stepMoved,
  'step-added': stepAdded,
  'came-off': cameOff,
  'off-corrected': offCorrected,
  'order-said': orderSaidOf,
  'step-differs': stepDiffers,
  'fixing-out': fixingOut,
  'fixing-in': fixingIn,
  'fixing-lost': fixingLost,
  'fixing-found': fixingFound,
  'fixing-replaced': fixingReplaced,
  'fixing-kept-out': fixingKeptOut,
  'stray-found': strayFound,
  'stray-settled': straySettled,
  'part-off': partOff,
  'part-on': partOn,
  'part-replaced': partReplaced,
  'worked-out': workedOut,
  'width-converted': widthConverted,
  'pose-changed': poseChanged,
  'lock-applied': lockApplied,
  'lock-disturbed': lockDisturbed,
  'check-passed': checkPassed,
  'check-failed': checkFailed,
  'check-overridden': checkOverridden,
  'stage-moved': stageMoved,
  parked,
  resumed,
  'handed-over': handedOver,
  'opened-told': openedTold,
  'ride-added': rideAdded,
  'recheck-set': recheckSet,
  'handed-back': handedBack,
  struck,
} as const
