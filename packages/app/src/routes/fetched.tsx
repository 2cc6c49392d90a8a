import { lazy, Suspense } from 'react';
import type { ComponentType } from 'react';
import { View } from 'react-native';
import { SPACE } from '../theme/tokens';
import { Txt } from '../ui/Txt';
import type * as behindTheFloor from './behind-the-floor';

type Behind = typeof behindTheFloor;

/**
 * A screen that is fetched with the others behind the floor when the first of them is opened. Meanwhile words alone: a
 * turning indicator updates with every frame, and each update would put off drawing what was fetched.
 */
const fetched = (what: string, pick: (behind: Behind) => ComponentType) => {
  const Screen = lazy(async () => ({ default: pick(await import('./behind-the-floor')) }));
  const Waiting = () => (
    <View role="status" style={{ padding: SPACE.xl }}>
      <Txt tone="quiet">Loading {what}</Txt>
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

export const FetchedHealthScreen = fetched('this person', (behind) => behind.HealthScreen);
export const FetchedIntakeScreen = fetched('this person', (behind) => behind.IntakeScreen);
export const FetchedReferralScreen = fetched('this person', (behind) => behind.ReferralScreen);
export const FetchedScreeningScreen = fetched('this person', (behind) => behind.ScreeningScreen);
export const FetchedStaircasesScreen = fetched('this person', (behind) => behind.StaircasesScreen);
export const FetchedLiveScreen = fetched('the session', (behind) => behind.LiveScreen);
export const FetchedMoveScreen = fetched('the movements', (behind) => behind.MoveScreen);
export const FetchedMovesLayout = fetched('the movements', (behind) => behind.MovesLayout);
export const FetchedMovesScreen = fetched('the movements', (behind) => behind.MovesScreen);
export const FetchedOwnFormScreen = fetched('the movements', (behind) => behind.OwnFormScreen);
export const FetchedOwnScreen = fetched('the movements', (behind) => behind.OwnScreen);
export const FetchedEditPersonScreen = fetched('this person', (behind) => behind.EditPersonScreen);
export const FetchedNewPersonScreen = fetched('this person', (behind) => behind.NewPersonScreen);
export const FetchedPersonScreen = fetched('this person', (behind) => behind.PersonScreen);
export const FetchedReviewScreen = fetched('the review', (behind) => behind.ReviewScreen);
export const FetchedSessionRecordScreen = fetched('the session', (behind) => behind.SessionRecordScreen);
export const FetchedTrendsScreen = fetched('the trends', (behind) => behind.TrendsScreen);
export const FetchedExerciseTrendScreen = fetched('the trends', (behind) => behind.ExerciseTrendScreen);
export const FetchedSearchScreen = fetched('the search', (behind) => behind.SearchScreen);
export const FetchedSheetScreen = fetched('the sheet', (behind) => behind.SheetScreen);
export const FetchedActivityScreen = fetched('the studio', (behind) => behind.ActivityScreen);
export const FetchedKitEditorScreen = fetched('the kit', (behind) => behind.KitEditorScreen);
export const FetchedStudioScreen = fetched('the studio', (behind) => behind.StudioScreen);
