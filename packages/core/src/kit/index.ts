export type { ImplementUse, Kit, KitPiece, Load } from './types';
export { defaultKit } from './default-kit';
export { UNLOADED, loadsFor } from './loads-for';
export { nextDown, nextUp, snapDown } from './steps';
