import { fetchedScreen } from '../shell/fetched-screen';

/** Screens of the Moves place, fetched together when the first of them is opened. */
const fetched = fetchedScreen('the movements');

export const FetchedLayout = fetched(async () => (await import('./place')).MovesLayout);
export const FetchedMoves = fetched(async () => (await import('./place')).MovesScreen);
export const FetchedMove = fetched(async () => (await import('./place')).MoveScreen);
export const FetchedOwn = fetched(async () => (await import('./place')).OwnScreen);
export const FetchedOwnForm = fetched(async () => (await import('./place')).OwnFormScreen);
