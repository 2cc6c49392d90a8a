export { liveWhole } from './live';
export type { WholeSession } from './live';
export type { Flare, OddDay, WholePerson } from './person';
export type { TrueSet } from './floor';
export { dateOf } from './context-on';
export { answered, aWholePerson } from './usual';
