import { fetchedScreen } from '../shell/fetched-screen';

/** Screens of meeting somebody, fetched together when the first of them is opened. */
const fetched = fetchedScreen('this person');

export const FetchedIntake = fetched(async () => (await import('./place')).IntakeScreen);
export const FetchedHealth = fetched(async () => (await import('./place')).HealthScreen);
export const FetchedScreening = fetched(async () => (await import('./place')).ScreeningScreen);
export const FetchedStaircases = fetched(async () => (await import('./place')).StaircasesScreen);
export const FetchedReferral = fetched(async () => (await import('./place')).ReferralScreen);
