export { differences, RANKING, standInsFor } from './stand-ins';
export type { Difference, StandIn, StandIns, WhyNot } from './types';
export { accessTo } from './access';
export { difficultyOf } from './alike';
export { closedPlaces, heldAs, openPlaces, takenOn, unaskedPlaces, withPlaceHere } from './load-place';
export type { Access, Situation } from './access';
export { isOnTheirOwn, RESERVE_ALONE } from './place-safety';
export type { PlaceSafety } from './place-safety';
