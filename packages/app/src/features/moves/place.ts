/** The Moves place as one piece of code, fetched when it is first opened: the floor never waits for it. */
export { MoveScreen } from './MoveScreen';
export { MovesLayout } from './MovesLayout';
export { MovesScreen } from './MovesScreen';
export { OwnFormScreen } from './OwnFormScreen';
export { OwnScreen } from './OwnScreen';
