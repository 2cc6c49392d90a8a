import type { PersonId, SessionId } from '@drubo/core/vocabulary';
import { Link, useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { FloorEntryDto } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { FAULT_LABELS, inSentence, LIMIT_LABELS, PERSON_STATE_LABELS } from '@drubo/words/explain';
import { useSheetProgress, useStart } from '../../data/use-start';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Row, Wrap } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { VerdictMark } from '../../ui/VerdictMark';
import { dayInALine } from '../../parts/weeks/day-in-a-line';
import { weeksWords } from '@drubo/words/screens/weeks';
import { Dues } from './Dues';
import { MoreStarts } from '../../parts/sessions/MoreStarts';
import { common } from '@drubo/words/screens/common';
import { floorWords } from '@drubo/words/screens/floor';

const words = floorWords.floorCard;

const nameOf = (variationId: string): string => findVariation(builtInCatalogue, variationId)?.name ?? variationId;

/** One booking: when, who, what they do, what moved last time, and one Start. */
export const FloorCard = ({ entry, isToday }: { entry: FloorEntryDto; isToday: boolean }) => {
  const { booking, person, nextSheet, liveSessionId, doneSessionId, lastVerdicts, state, watch, limits, lastFault, ofPlan } =
    entry;
  const router = useRouter();
  // What changed is worth a look before starting; what stays the same is not.
  const changes = lastVerdicts.filter(({ verdict }) => verdict === 'ease-back' || verdict === 'leave-out');
  return (
    <Card>
      <Row gap="m" align="start">
        <Txt kind="number" style={styles.time}>
          {booking.time}
        </Txt>
        <View style={styles.text}>
          <Link href={`/people/${person.id}`} asChild>
            <Txt kind="heading" role="link">
              {person.name}
            </Txt>
          </Link>
          {person.note ? (
            <Txt kind="small" tone="quiet" numberOfLines={2}>
              {person.note}
            </Txt>
          ) : null}
        </View>
      </Row>
      {state !== 'train' && (
        <Txt kind="label" tone={state === 'train-with-limits' ? 'saffron' : 'clay'}>
          {PERSON_STATE_LABELS[state]}
        </Txt>
      )}
      {limits.length > 0 && (
        <Txt kind="small">
          {words.limits(
            limits
              .map(({ limit, severity }) => `${inSentence(LIMIT_LABELS[limit])}${severity === null ? '' : ` ${severity}/10`}`)
              .join(', '),
          )}
        </Txt>
      )}
      {lastFault && (
        <Txt kind="small">{words.lastTime(FAULT_LABELS[lastFault.faultId], inSentence(nameOf(lastFault.variationId)))}</Txt>
      )}
      {watch.map((text) => (
        <Txt key={text} kind="small">
          {words.watch(text)}
        </Txt>
      ))}
      {ofPlan && (
        <Row gap="s" align="center">
          {ofPlan.led && <FamilyGlyph family={ofPlan.led} />}
          <Txt kind="label" style={styles.grow}>
            {dayInALine(ofPlan)}
          </Txt>
          {!liveSessionId && !doneSessionId && (
            <Button
              look="quiet"
              label={weeksWords.line.move}
              says={weeksWords.line.moveOf(person.name)}
              onPress={() => router.push(`/people/${person.id}/weeks?move=${ofPlan.dayId}`)}
            />
          )}
        </Row>
      )}
      {ofPlan?.isSheets === false && (
        <Txt kind="small" tone="saffron">
          {weeksWords.line.otherSheet}
        </Txt>
      )}
      <Dues entry={entry} />
      {nextSheet && (
        <Wrap gap="m" align="center">
          <Txt kind="small" tone="quiet">
            {common.sets}
          </Txt>
          {nextSheet.items.map(({ variationId, sets }) => {
            const variation = findVariation(builtInCatalogue, variationId);
            return variation ? (
              <Row key={variationId} gap="xs">
                <FamilyGlyph family={variation.family} name={variation.name} />
                <Txt kind="label">{sets}</Txt>
              </Row>
            ) : null;
          })}
        </Wrap>
      )}
      {changes.map(({ variationId, verdict }) => (
        <Wrap key={variationId} gap="s" align="center">
          <VerdictMark verdict={verdict} size="small" />
          <Txt kind="small">{nameOf(variationId)}</Txt>
        </Wrap>
      ))}
      <Actions
        sheet={nextSheet}
        liveSessionId={liveSessionId}
        doneSessionId={doneSessionId}
        personId={person.id}
        name={person.name}
        isToday={isToday}
        isHeld={state === 'see-clinician-first'}
      />
    </Card>
  );
};

const Actions = ({
  sheet,
  liveSessionId: knownLive,
  doneSessionId: knownDone,
  personId,
  name,
  isToday,
  isHeld,
}: {
  sheet: FloorEntryDto['nextSheet'];
  liveSessionId: SessionId | null;
  doneSessionId: SessionId | null;
  personId: PersonId;
  name: string;
  isToday: boolean;
  isHeld: boolean;
}) => {
  const router = useRouter();
  const { start, isReady } = useStart();
  const { attempt, liveSessionId, finishedSessionId } = useSheetProgress(sheet, knownLive);
  const doneSessionId = finishedSessionId ?? knownDone;
  const look = sheet && (
    <Button grow label={words.sheet} says={words.sheetOf(name)} onPress={() => router.push(`/sheet/${sheet.id}`)} />
  );
  if (liveSessionId) {
    return (
      <Row gap="s" align="stretch">
        <Button
          grow
          look="main"
          size="live"
          label={common.goOn}
          says={words.goOnWith(name)}
          onPress={() => router.push(`/live/${liveSessionId}`)}
        />
      </Row>
    );
  }
  if (doneSessionId) {
    return (
      <Row gap="s" align="stretch">
        <Button
          grow
          label={words.doneLookAtIt}
          says={words.sessionOf(name)}
          onPress={() => router.push(`/review/${doneSessionId}`)}
        />
      </Row>
    );
  }
  return (
    <Row gap="s" align="stretch">
      {look}
      {sheet && isToday && (
        <Button
          grow
          look="main"
          size="live"
          label={words.start}
          says={words.startWithName(name)}
          disabled={!isReady || isHeld}
          onPress={() => void start({ id: sheet.id, attempt })}
        />
      )}
      {sheet && isToday && !isHeld && <MoreStarts personId={personId} name={name} attempt={attempt} />}
    </Row>
  );
};

const styles = StyleSheet.create({
  time: { minWidth: 62 },
  grow: { flexGrow: 1, flexShrink: 1 },
  text: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
