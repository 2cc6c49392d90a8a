import { abductionGluteBridge } from './bridge/abduction-glute-bridge';
import { ballSqueezeGluteBridge } from './bridge/ball-squeeze-glute-bridge';
import { bandGluteBridge } from './bridge/band-glute-bridge';
import { barbellGluteBridge } from './bridge/barbell-glute-bridge';
import { barbellHipThrust } from './bridge/barbell-hip-thrust';
import { dumbbellHipThrust } from './bridge/dumbbell-hip-thrust';
import { faceUpPlank } from './bridge/face-up-plank';
import { feetUpHipThrust } from './bridge/feet-up-hip-thrust';
import { feetUpOneLegHipThrust } from './bridge/feet-up-one-leg-hip-thrust';
import { frogGluteBridge } from './bridge/frog-glute-bridge';
import { gluteBridge } from './bridge/glute-bridge';
import { glutePressDown } from './bridge/glute-press-down';
import { hamstringBridge } from './bridge/hamstring-bridge';
import { hamstringWalkOut } from './bridge/hamstring-walk-out';
import { handsAndKneesExtension } from './bridge/hands-and-knees-extension';
import { hipThrust } from './bridge/hip-thrust';
import { kickBack } from './bridge/kick-back';
import { machineHipThrust } from './bridge/machine-hip-thrust';
import { marchingGluteBridge } from './bridge/marching-glute-bridge';
import { oneLegFaceUpPlank } from './bridge/one-leg-face-up-plank';
import { oneLegFootRaisedGluteBridge } from './bridge/one-leg-foot-raised-glute-bridge';
import { oneLegGluteBridge } from './bridge/one-leg-glute-bridge';
import { oneLegHamstringBridge } from './bridge/one-leg-hamstring-bridge';
import { oneLegHipThrust } from './bridge/one-leg-hip-thrust';
import { reversePlank } from './bridge/reverse-plank';
import { staggeredGluteBridge } from './bridge/staggered-glute-bridge';
import { staggeredHipThrust } from './bridge/staggered-hip-thrust';
import { bentKneeCalfRaise } from './helpers/calf/bent-knee-calf-raise';
import { calfPress } from './helpers/calf/calf-press';
import { calfRaise } from './helpers/calf/calf-raise';
import { oneLegCalfRaise } from './helpers/calf/one-leg-calf-raise';
import { toeRaise } from './helpers/calf/toe-raise';
import { backwardSledDrag } from './helpers/finisher/backward-sled-drag';
import { sledPush } from './helpers/finisher/sled-push';
import { squatLungeCombination } from './helpers/finisher/squat-lunge-combination';
import { stepIntervals } from './helpers/finisher/step-intervals';
import { swingFinisher } from './helpers/finisher/swing-finisher';
import { adductorSidePlank } from './helpers/lateral/adductor-side-plank';
import { bandedCossackSquat } from './helpers/lateral/banded-cossack-squat';
import { clam } from './helpers/lateral/clam';
import { cossackSquat } from './helpers/lateral/cossack-squat';
import { gobletCossackSquat } from './helpers/lateral/goblet-cossack-squat';
import { hipHike } from './helpers/lateral/hip-hike';
import { lateralBandWalk } from './helpers/lateral/lateral-band-walk';
import { overheadBandCossackSquat } from './helpers/lateral/overhead-band-cossack-squat';
import { sideLunge } from './helpers/lateral/side-lunge';
import { sideLyingAbduction } from './helpers/lateral/side-lying-abduction';
import { sliderSideLunge } from './helpers/lateral/slider-side-lunge';
import { supportedCossackSquat } from './helpers/lateral/supported-cossack-squat';
import { boxJump } from './helpers/power/box-jump';
import { broadJump } from './helpers/power/broad-jump';
import { deadStartSwing } from './helpers/power/dead-start-swing';
import { hikePass } from './helpers/power/hike-pass';
import { hikeToCatch } from './helpers/power/hike-to-catch';
import { kettlebellSwing } from './helpers/power/kettlebell-swing';
import { snapDown } from './helpers/power/snap-down';
import { squatJump } from './helpers/power/squat-jump';
import { trapBarJump } from './helpers/power/trap-bar-jump';
import { ankleRock } from './helpers/prep/ankle-rock';
import { deepSquatHold } from './helpers/prep/deep-squat-hold';
import { halfKneelingHipFlexorStretch } from './helpers/prep/half-kneeling-hip-flexor-stretch';
import { hipFlexorMarch } from './helpers/prep/hip-flexor-march';
import { adductorRock } from './helpers/prep/adductor-rock';
import { lateralSquatHold } from './helpers/prep/lateral-squat-hold';
import { ninetyNinety } from './helpers/prep/ninety-ninety';
import { shinBoxRise } from './helpers/prep/shin-box-rise';
import { tandemStance } from './helpers/prep/tandem-stance';
import { crossoverStepUp } from './helpers/step/crossover-step-up';
import { heelTapStepDown } from './helpers/step/heel-tap-step-down';
import { lateralStepUp } from './helpers/step/lateral-step-up';
import { stepDownBehind } from './helpers/step/step-down-behind';
import { stepUp } from './helpers/step/step-up';
import { antiRotationPress } from './helpers/trunk/anti-rotation-press';
import { birdDog } from './helpers/trunk/bird-dog';
import { bridgeFloorPress } from './helpers/trunk/bridge-floor-press';
import { deadBug } from './helpers/trunk/dead-bug';
import { farmerCarry } from './helpers/trunk/farmer-carry';
import { getUp } from './helpers/trunk/get-up';
import { getUpToElbow } from './helpers/trunk/get-up-to-elbow';
import { getUpToHalfKneel } from './helpers/trunk/get-up-to-half-kneel';
import { getUpToTallSit } from './helpers/trunk/get-up-to-tall-sit';
import { plank } from './helpers/trunk/plank';
import { plankClockReach } from './helpers/trunk/plank-clock-reach';
import { sidePlank } from './helpers/trunk/side-plank';
import { suitcaseCarry } from './helpers/trunk/suitcase-carry';
import { assistedNordicCurl } from './hinge/assisted-nordic-curl';
import { backExtension } from './hinge/back-extension';
import { ballCurl } from './hinge/ball-curl';
import { bellyHeldHinge } from './hinge/belly-held-hinge';
import { blockDeadlift } from './hinge/block-deadlift';
import { deadlift } from './hinge/deadlift';
import { deficitDeadlift } from './hinge/deficit-deadlift';
import { doubleKettlebellDeadlift } from './hinge/double-kettlebell-deadlift';
import { dumbbellRomanianDeadlift } from './hinge/dumbbell-romanian-deadlift';
import { gluteHamRaise } from './hinge/glute-ham-raise';
import { goodMorning } from './hinge/good-morning';
import { kettlebellDeadlift } from './hinge/kettlebell-deadlift';
import { kneelingOneLegHinge } from './hinge/kneeling-one-leg-hinge';
import { lyingLegCurl } from './hinge/lying-leg-curl';
import { nordicCurl } from './hinge/nordic-curl';
import { oneLegRomanianDeadlift } from './hinge/one-leg-romanian-deadlift';
import { pausedDeadlift } from './hinge/paused-deadlift';
import { pullThrough } from './hinge/pull-through';
import { rearFootOnStepRomanianDeadlift } from './hinge/rear-foot-on-step-romanian-deadlift';
import { rearFootOnWallRomanianDeadlift } from './hinge/rear-foot-on-wall-romanian-deadlift';
import { rockBack } from './hinge/rock-back';
import { romanianDeadlift } from './hinge/romanian-deadlift';
import { sameSideOneLegRomanianDeadlift } from './hinge/same-side-one-leg-romanian-deadlift';
import { seatedLegCurl } from './hinge/seated-leg-curl';
import { sliderCurl } from './hinge/slider-curl';
import { snatchGripDeadlift } from './hinge/snatch-grip-deadlift';
import { staggeredRomanianDeadlift } from './hinge/staggered-romanian-deadlift';
import { stickHinge } from './hinge/stick-hinge';
import { stiffLegDeadlift } from './hinge/stiff-leg-deadlift';
import { suitcaseDeadlift } from './hinge/suitcase-deadlift';
import { supportedOneLegRomanianDeadlift } from './hinge/supported-one-leg-romanian-deadlift';
import { tallKneelingHinge } from './hinge/tall-kneeling-hinge';
import { trapBarDeadlift } from './hinge/trap-bar-deadlift';
import { wallTapHinge } from './hinge/wall-tap-hinge';
import { wideStanceDeadlift } from './hinge/wide-stance-deadlift';
import { barbellLunge } from './lunge/barbell-lunge';
import { barbellSplitSquat } from './lunge/barbell-split-squat';
import { curtsyLunge } from './lunge/curtsy-lunge';
import { deficitReverseLunge } from './lunge/deficit-reverse-lunge';
import { forwardLunge } from './lunge/forward-lunge';
import { frontFootElevatedSplitSquat } from './lunge/front-foot-elevated-split-squat';
import { frontRackLunge } from './lunge/front-rack-lunge';
import { gobletSplitSquat } from './lunge/goblet-split-squat';
import { halfKneelingRise } from './lunge/half-kneeling-rise';
import { heldSplitSquat } from './lunge/held-split-squat';
import { offsetSliderReverseLunge } from './lunge/offset-slider-reverse-lunge';
import { overheadLunge } from './lunge/overhead-lunge';
import { rackSplitSquat } from './lunge/rack-split-squat';
import { rearFootElevatedSplitSquat } from './lunge/rear-foot-elevated-split-squat';
import { reverseLunge } from './lunge/reverse-lunge';
import { safetyBarSplitSquat } from './lunge/safety-bar-split-squat';
import { splitSquat } from './lunge/split-squat';
import { splitSquatToPad } from './lunge/split-squat-to-pad';
import { splitStanceRock } from './lunge/split-stance-rock';
import { stepThroughLunge } from './lunge/step-through-lunge';
import { strapAssistedSplitSquat } from './lunge/strap-assisted-split-squat';
import { walkingLunge } from './lunge/walking-lunge';
import { assistedOneLegSquat } from './squat/assisted-one-leg-squat';
import { backSquat } from './squat/back-squat';
import { backSquatToBox } from './squat/back-squat-to-box';
import { bandedGobletSquat } from './squat/banded-goblet-squat';
import { beltSquat } from './squat/belt-squat';
import { bodyweightBoxSquat } from './squat/bodyweight-box-squat';
import { bodyweightSquat } from './squat/bodyweight-squat';
import { chairSitToStand } from './squat/chair-sit-to-stand';
import { counterweightSquat } from './squat/counterweight-squat';
import { doubleKettlebellFrontSquat } from './squat/double-kettlebell-front-squat';
import { frontSquat } from './squat/front-squat';
import { frontSquatToBox } from './squat/front-squat-to-box';
import { gobletSquat } from './squat/goblet-squat';
import { guidedBarSquat } from './squat/guided-bar-squat';
import { hackSquat } from './squat/hack-squat';
import { kneeForwardSquat } from './squat/knee-forward-squat';
import { kneeForwardSquatToHeels } from './squat/knee-forward-squat-to-heels';
import { kneelingOneLegSquat } from './squat/kneeling-one-leg-squat';
import { landmineSquat } from './squat/landmine-squat';
import { legExtension } from './squat/leg-extension';
import { legPress } from './squat/leg-press';
import { narrowHeelsUpGobletSquat } from './squat/narrow-heels-up-goblet-squat';
import { oneHandReachKneeForwardSquat } from './squat/one-hand-reach-knee-forward-squat';
import { oneLegSquat } from './squat/one-leg-squat';
import { oneLegSquatToBox } from './squat/one-leg-squat-to-box';
import { overheadSquat } from './squat/overhead-squat';
import { pauseSquat } from './squat/pause-squat';
import { pinSquat } from './squat/pin-squat';
import { safetyBarSquat } from './squat/safety-bar-squat';
import { skaterSquat } from './squat/skater-squat';
import { squatToDeadlift } from './squat/squat-to-deadlift';
import { strapSupportedSquat } from './squat/strap-supported-squat';
import { suitcaseSquat } from './squat/suitcase-squat';
import { supportedKneeForwardSquat } from './squat/supported-knee-forward-squat';
import { wallSit } from './squat/wall-sit';
import { wideDumbbellSquat } from './squat/wide-dumbbell-squat';
import { zercherSquat } from './squat/zercher-squat';
import { withPlaces } from './places';
import { withSharedFaults } from './shared-faults';
import type { Variation } from './types';

const SHIPPED: readonly Variation[] = [
  chairSitToStand,
  strapSupportedSquat,
  bodyweightBoxSquat,
  counterweightSquat,
  bodyweightSquat,
  gobletSquat,
  doubleKettlebellFrontSquat,
  landmineSquat,
  frontSquatToBox,
  frontSquat,
  safetyBarSquat,
  backSquatToBox,
  backSquat,
  pinSquat,
  pauseSquat,
  overheadSquat,
  wallSit,
  narrowHeelsUpGobletSquat,
  wideDumbbellSquat,
  bandedGobletSquat,
  suitcaseSquat,
  zercherSquat,
  beltSquat,
  legPress,
  hackSquat,
  guidedBarSquat,
  squatToDeadlift,
  supportedKneeForwardSquat,
  kneeForwardSquat,
  oneHandReachKneeForwardSquat,
  kneeForwardSquatToHeels,
  kneelingOneLegSquat,
  oneLegSquatToBox,
  skaterSquat,
  assistedOneLegSquat,
  oneLegSquat,
  legExtension,
  rockBack,
  wallTapHinge,
  stickHinge,
  bellyHeldHinge,
  tallKneelingHinge,
  pullThrough,
  kettlebellDeadlift,
  suitcaseDeadlift,
  doubleKettlebellDeadlift,
  dumbbellRomanianDeadlift,
  romanianDeadlift,
  trapBarDeadlift,
  blockDeadlift,
  wideStanceDeadlift,
  deadlift,
  goodMorning,
  backExtension,
  stiffLegDeadlift,
  deficitDeadlift,
  pausedDeadlift,
  snatchGripDeadlift,
  staggeredRomanianDeadlift,
  rearFootOnStepRomanianDeadlift,
  rearFootOnWallRomanianDeadlift,
  supportedOneLegRomanianDeadlift,
  oneLegRomanianDeadlift,
  sameSideOneLegRomanianDeadlift,
  kneelingOneLegHinge,
  sliderCurl,
  ballCurl,
  lyingLegCurl,
  seatedLegCurl,
  assistedNordicCurl,
  nordicCurl,
  gluteHamRaise,
  splitStanceRock,
  splitSquatToPad,
  splitSquat,
  gobletSplitSquat,
  rackSplitSquat,
  heldSplitSquat,
  strapAssistedSplitSquat,
  halfKneelingRise,
  frontFootElevatedSplitSquat,
  barbellSplitSquat,
  safetyBarSplitSquat,
  reverseLunge,
  offsetSliderReverseLunge,
  forwardLunge,
  walkingLunge,
  deficitReverseLunge,
  rearFootElevatedSplitSquat,
  curtsyLunge,
  stepThroughLunge,
  frontRackLunge,
  barbellLunge,
  overheadLunge,
  gluteBridge,
  barbellGluteBridge,
  staggeredGluteBridge,
  oneLegGluteBridge,
  oneLegFootRaisedGluteBridge,
  bandGluteBridge,
  abductionGluteBridge,
  ballSqueezeGluteBridge,
  frogGluteBridge,
  marchingGluteBridge,
  hipThrust,
  dumbbellHipThrust,
  barbellHipThrust,
  staggeredHipThrust,
  oneLegHipThrust,
  feetUpHipThrust,
  feetUpOneLegHipThrust,
  machineHipThrust,
  hamstringBridge,
  hamstringWalkOut,
  oneLegHamstringBridge,
  faceUpPlank,
  oneLegFaceUpPlank,
  reversePlank,
  kickBack,
  handsAndKneesExtension,
  glutePressDown,
  stepUp,
  lateralStepUp,
  crossoverStepUp,
  heelTapStepDown,
  stepDownBehind,
  sideLunge,
  sliderSideLunge,
  supportedCossackSquat,
  cossackSquat,
  gobletCossackSquat,
  bandedCossackSquat,
  overheadBandCossackSquat,
  hipHike,
  clam,
  sideLyingAbduction,
  adductorSidePlank,
  lateralBandWalk,
  calfPress,
  calfRaise,
  oneLegCalfRaise,
  bentKneeCalfRaise,
  toeRaise,
  birdDog,
  sidePlank,
  antiRotationPress,
  suitcaseCarry,
  farmerCarry,
  deadBug,
  plank,
  plankClockReach,
  bridgeFloorPress,
  getUpToElbow,
  getUpToTallSit,
  getUpToHalfKneel,
  getUp,
  hipFlexorMarch,
  halfKneelingHipFlexorStretch,
  adductorRock,
  lateralSquatHold,
  ninetyNinety,
  deepSquatHold,
  ankleRock,
  tandemStance,
  shinBoxRise,
  hikePass,
  hikeToCatch,
  deadStartSwing,
  kettlebellSwing,
  snapDown,
  boxJump,
  squatJump,
  broadJump,
  trapBarJump,
  sledPush,
  backwardSledDrag,
  squatLungeCombination,
  stepIntervals,
  swingFinisher,
];

/** Every variation that ships, family by family, about in the order a session takes them: skilful and heavy first. */
export const VARIATIONS: readonly Variation[] = SHIPPED.map(withPlaces).map(withSharedFaults);
