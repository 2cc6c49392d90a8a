import { lazy, Suspense } from 'react';
import type { ComponentType } from 'react';
import { View } from 'react-native';
import { SPACE } from '../theme/tokens';
import { Txt } from '../ui/Txt';
import type * as behindTheFloor from './behind-the-floor';
import type * as onTheFloor from './on-the-floor';
import { routesWords } from '@drubo/words/screens/routes';

const words = routesWords.fetched;

type Behind = typeof behindTheFloor;

/**
 * A screen whose piece is fetched when the first screen of that piece is opened. Meanwhile words alone: a turning indicator
 * updates with every frame, and each update would put off drawing what was fetched.
 */
const fetchedWith = (what: string, load: () => Promise<ComponentType>) => {
  const Screen = lazy(async () => ({ default: await load() }));
  const Waiting = () => (
    <View role="status" style={{ padding: SPACE.xl }}>
      <Txt tone="quiet">{words.loading(what)}</Txt>
    </View>
  );
  return function FetchedScreen() {
    return (
      <Suspense fallback={<Waiting />}>
        <Screen />
      </Suspense>
    );
  };
};

const fetched = (what: string, pick: (behind: Behind) => ComponentType) =>
  fetchedWith(what, async () => pick(await import('./behind-the-floor')));

export const FetchedHealthScreen = fetched(words.thisPerson, (behind) => behind.HealthScreen);
export const FetchedIntakeScreen = fetched(words.thisPerson, (behind) => behind.IntakeScreen);
export const FetchedReferralScreen = fetched(words.thisPerson, (behind) => behind.ReferralScreen);
export const FetchedScreeningScreen = fetched(words.thisPerson, (behind) => behind.ScreeningScreen);
export const FetchedStaircasesScreen = fetched(words.thisPerson, (behind) => behind.StaircasesScreen);
export const FetchedLiveScreen = fetchedWith(words.theSession, async () => {
  const { LiveScreen }: typeof onTheFloor = await import('./on-the-floor');
  return LiveScreen;
});
export const FetchedMoveScreen = fetched(words.theMovements, (behind) => behind.MoveScreen);
export const FetchedMovesLayout = fetched(words.theMovements, (behind) => behind.MovesLayout);
export const FetchedMovesScreen = fetched(words.theMovements, (behind) => behind.MovesScreen);
export const FetchedOwnFormScreen = fetched(words.theMovements, (behind) => behind.OwnFormScreen);
export const FetchedOwnScreen = fetched(words.theMovements, (behind) => behind.OwnScreen);
export const FetchedEditPersonScreen = fetched(words.thisPerson, (behind) => behind.EditPersonScreen);
export const FetchedNewPersonScreen = fetched(words.thisPerson, (behind) => behind.NewPersonScreen);
export const FetchedPersonScreen = fetched(words.thisPerson, (behind) => behind.PersonScreen);
export const FetchedReviewScreen = fetched(words.theReview, (behind) => behind.ReviewScreen);
export const FetchedSessionRecordScreen = fetched(words.theSession, (behind) => behind.SessionRecordScreen);
export const FetchedTrendsScreen = fetched(words.theTrends, (behind) => behind.TrendsScreen);
export const FetchedExerciseTrendScreen = fetched(words.theTrends, (behind) => behind.ExerciseTrendScreen);
export const FetchedWeeksScreen = fetched(words.theWeeks, (behind) => behind.WeeksScreen);
export const FetchedPlanDayScreen = fetched(words.theWeeks, (behind) => behind.PlanDayScreen);
export const FetchedSearchScreen = fetched(words.theSearch, (behind) => behind.SearchScreen);
export const FetchedSheetScreen = fetched(words.theSheet, (behind) => behind.SheetScreen);
export const FetchedActivityScreen = fetched(words.theStudio, (behind) => behind.ActivityScreen);
export const FetchedKitEditorScreen = fetched(words.theKit, (behind) => behind.KitEditorScreen);
export const FetchedStudioScreen = fetched(words.theStudio, (behind) => behind.StudioScreen);
