import { fetchedScreen } from '../shell/fetched-screen';

/** Screens of the Studio place, fetched together when the first of them is opened. */
const fetched = fetchedScreen('the studio');

export const FetchedStudio = fetched(async () => (await import('./place')).StudioScreen);
export const FetchedKitEditor = fetched(async () => (await import('./place')).KitEditorScreen);
export const FetchedActivity = fetched(async () => (await import('./place')).ActivityScreen);
