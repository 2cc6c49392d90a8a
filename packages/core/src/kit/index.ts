export { defaultKit } from './default-kit';
export { loadsFor, UNLOADED } from './loads-for';
export { HOME_STAND_INS, KIT_PRESETS, servedBy } from './presets';
export type { KitPreset } from './presets';
export { nextDown, nextUp, snapDown } from './steps';
export type { ImplementUse, Kit, KitPiece, Load } from './types';
