import { sessionIdFor } from '@drubo/contracts';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import type { SheetDto } from '@drubo/contracts';
import { minutesReason, sheetMinutes } from '@drubo/core';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { useSheet } from '../../data/use-session';
import { useSheetProgress, useStart } from '../../data/use-start';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Empty, Shown } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';
import { WarningButton } from '../care/WarningButton';
import { Screen } from '../shell/Screen';
import { useWide } from '../shell/use-wide';
import { CareStrip } from './CareStrip';
import { LeftOut } from './LeftOut';
import { MinutesBar } from './MinutesBar';
import { SheetLine } from './SheetLine';

/** The session being designed: an exercise a line, every number changeable, last time beside this time. */
export const SheetScreen = () => {
  const { sheetId } = useLocalSearchParams<{ sheetId: string }>();
  const { sheet, error, refetch } = useSheet(sheetId);
  return (
    <Shown what="this sheet" query={{ data: sheet, error, refetch }}>
      {(shown) => <SheetPage sheet={shown} />}
    </Shown>
  );
};

const SheetPage = ({ sheet }: { sheet: SheetDto }) => {
  const { isWide } = useWide();
  // Counted here, so that an edit shows its minutes before the server has heard of it.
  const timed = sheet.items.map(({ dose, variationId, feelers }) => ({
    dose,
    feelers,
    variation: getVariation(builtInCatalogue, variationId),
  }));
  const minutes = sheetMinutes(timed);
  return (
    <Screen
      title={sheet.personName}
      beside="Next sheet"
      back={`/people/${sheet.personId}`}
      actions={<WarningButton personId={sheet.personId} care={sheet.care} />}
      footer={<Footer sheet={sheet} />}
    >
      {sheet.state === 'next' ? null : (
        <Card edge="saffron">
          <Txt>
            {sheet.state === 'started'
              ? 'This session is running. Its numbers are changed set by set, on the floor.'
              : 'This session is done. Its numbers stay as they were prescribed.'}
          </Txt>
        </Card>
      )}
      <CareStrip care={sheet.care} />
      <MinutesBar minutes={minutes} budget={sheet.personMinutes} why={[minutesReason(timed)]} />
      <View>
        <Heading>Main</Heading>
        <Txt kind="small" tone="quiet">
          {sheet.state === 'next' ? 'Tap a line to change its numbers.' : 'As prescribed.'}
        </Txt>
      </View>
      {sheet.items.length === 0 && (
        <Empty
          title="Nothing on this sheet"
          text={
            sheet.care.state === 'see-clinician-first'
              ? 'A clinician has to look first. Record who cleared them, for what, until when, on the person’s page.'
              : 'Nothing is open for this person here, or every exercise was left out. Below it says why.'
          }
        />
      )}
      <View style={isWide ? { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m } : { gap: SPACE.m }}>
        {sheet.items.map((item) => (
          <View key={item.id} style={isWide ? { width: '49%' } : undefined}>
            <SheetLine sheet={sheet} item={item} />
          </View>
        ))}
      </View>
      <LeftOut sheet={sheet} />
    </Screen>
  );
};

const Footer = ({ sheet }: { sheet: SheetDto }) => {
  const router = useRouter();
  const { start, isReady } = useStart();
  const known = sheet.state === 'started' ? sessionIdFor(sheet.id, sheet.attempt) : null;
  const { attempt, liveSessionId, finishedSessionId } = useSheetProgress(sheet, known);
  if (sheet.state === 'done') return null;
  if (finishedSessionId) {
    return (
      <Button look="main" size="live" label="Review the session" onPress={() => router.push(`/review/${finishedSessionId}`)} />
    );
  }
  if (liveSessionId)
    return <Button look="main" size="live" label="Go on" onPress={() => router.push(`/live/${liveSessionId}`)} />;
  return (
    <Button
      look="main"
      size="live"
      label="Start"
      says={`Start the session of ${sheet.personName}`}
      disabled={!isReady || sheet.items.length === 0 || sheet.care.state === 'see-clinician-first'}
      onPress={() => void start({ id: sheet.id, attempt })}
    />
  );
};
