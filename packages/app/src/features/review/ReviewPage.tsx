import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { ReviewDto } from '@drubo/contracts';
import { dayNumber } from '@drubo/core';
import { RefusedError } from '../../data/api';
import { sheetAggregate } from '../../data/offline/lines';
import { useWriter } from '../../data/offline/QueueProvider';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Txt } from '../../ui/Txt';
import { WarningButton } from '../../parts/care/WarningButton';
import { Screen } from '../../frame/Screen';
import { useSnack } from '../../frame/SnackProvider';
import { useWide } from '../../frame/use-wide';
import { MOVEMENTS } from '../../parts/sheet/ChangeList';
import { AheadCard } from './AheadCard';
import { AfterCard } from './AfterCard';
import { allChoices, choiceOf, isEdited, isOpen, isSettled } from './choices';
import type { Edits } from './choices';
import { OthersCard } from './OthersCard';
import { ReviewCard } from './ReviewCard';
import { common } from '@drubo/words/screens/common';
import { reviewWords } from '@drubo/words/screens/review';

const words = reviewWords.reviewPage;

/** A verdict per exercise, each to be accepted or edited; then the next sheet exists with them. */
export const ReviewPage = ({ review }: { review: ReviewDto }) => {
  const router = useRouter();
  const writer = useWriter();
  const snack = useSnack();
  const { isWide } = useWide();
  const [edits, setEdits] = useState<Edits>({});
  const [isSending, setSending] = useState(false);
  const { session, items, nextSheetId } = review;
  const [postponed, setPostponed] = useState<readonly string[]>([]);
  const open = isOpen(review);
  const editedCount = items.filter((item) => isEdited(choiceOf(item, edits), item)).length;

  const accept = async () => {
    setSending(true);
    try {
      const result = await writer.save({
        endpointId: 'acceptReview',
        params: { sessionId: session.id },
        body: { choices: allChoices(review, edits, postponed), ...(postponed.length > 0 ? { postponed: [...postponed] } : {}) },
        aggregate: sheetAggregate(session.sheetId),
      });
      if (result.status === 'waiting') {
        snack({ text: words.keptOnThisDevice });
        router.replace(`/people/${session.personId}`);
      } else if (result.reply.nextSheetId) {
        snack({
          text: postponed.length > 0 ? words.postponedTheSessionStays(postponed.length) : words.theNextSheetIs,
        });
        router.replace(`/sheet/${result.reply.nextSheetId}`);
      }
    } catch (error) {
      if (!(error instanceof RefusedError)) throw error;
      snack({ text: error.message });
    } finally {
      setSending(false);
    }
  };

  const label =
    session.state === 'reviewed'
      ? words.decideAgain
      : postponed.length > 0
        ? words.savePostponed(postponed.length)
        : editedCount > 0
          ? words.saveMakeTheNext
          : words.acceptAllMakeThe;
  return (
    <Screen
      title={common.review}
      beside={review.personName}
      back={`/people/${session.personId}`}
      actions={<WarningButton personId={session.personId} sessionId={session.id} />}
      footer={
        open ? (
          <Button
            look="main"
            size="live"
            label={label}
            busy={isSending}
            disabled={!writer.isReady}
            onPress={() => void accept()}
          />
        ) : nextSheetId ? (
          <Button look="main" size="live" label={words.openTheNextSheet} onPress={() => router.push(`/sheet/${nextSheetId}`)} />
        ) : null
      }
    >
      <AfterCard review={review} />
      <StandsApart review={review} />
      {session.state === 'reviewed' && open && (
        <Card edge="saffron">
          <Txt>{words.inputsChangedASet}</Txt>
        </Card>
      )}
      <View style={isWide ? { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m } : { gap: SPACE.m }}>
        {items.map((item) => (
          <View key={item.itemId} style={isWide ? { width: '49%' } : undefined}>
            <ReviewCard
              item={item}
              day={dayNumber(session.date)}
              kit={review.kit}
              choice={choiceOf(item, edits)}
              canEdit={open && !isSettled(review, item)}
              isPostponed={postponed.includes(item.itemId)}
              onPostpone={(isLater) =>
                setPostponed(isLater ? [...postponed, item.itemId] : postponed.filter((other) => other !== item.itemId))
              }
              onChoose={(choice) => setEdits({ ...edits, [item.itemId]: choice })}
            />
          </View>
        ))}
      </View>
      <OthersCard review={review} />
      {review.ahead && <AheadCard ahead={review.ahead} />}
      <Button look="quiet" label={words.theWholeRecordOf} onPress={() => router.push(`/sessions/${session.id}`)} />
    </Screen>
  );
};

/** Why this review moves nothing, or not all: a day of its own, or newer sessions that were decided before it. */
const StandsApart = ({ review }: { review: ReviewDto }) => {
  const { isOwnDay = false, late = [], items } = review;
  if (!isOwnDay && late.length === 0) return null;
  const names = items.filter(({ itemId }) => late.includes(itemId)).map(({ variationId }) => MOVEMENTS.nameOf(variationId));
  return (
    <Card edge="saffron">
      {isOwnDay ? <Txt>{words.aDayOfIts}</Txt> : null}
      {late.length > 0 ? <Txt>{words.aNewerSessionWas(names.length > 0 ? names.join(', ') : words.theseExercises)}</Txt> : null}
    </Card>
  );
};
