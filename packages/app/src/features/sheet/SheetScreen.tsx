import type { SheetId } from '@drubo/core/vocabulary';
import { formatDay } from '@drubo/words/dates';
import { formatPlanDay } from '@drubo/words/explain';
import { sessionIdFor } from '@drubo/contracts';
import { useState } from 'react';
import { useLocalSearchParams, useRouter } from 'expo-router';
import type { SheetDto } from '@drubo/contracts';
import { useSheet } from '../../data/use-session';
import { useSheetProgress, useStart } from '../../data/use-start';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { IconButton } from '../../ui/IconButton';
import { Shown } from '../../ui/states';
import { Txt } from '../../ui/Txt';
import { FourAnswers, isUnasked } from '../../parts/care/FourAnswers';
import { WarningButton } from '../../parts/care/WarningButton';
import { Screen } from '../../frame/Screen';
import { CareStrip } from './CareStrip';
import { ConflictCard } from './ConflictCard';
import { LeftOut } from './LeftOut';
import { SinceCard } from '../../parts/sheet/SinceCard';
import { SheetEditor } from './SheetEditor';
import { useEditor } from './use-editor';
import { common } from '@drubo/words/screens/common';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.sheetScreen;

/** The session being designed: an exercise a line, every number changeable, last time beside this time. */
export const SheetScreen = () => {
  const { sheetId } = useLocalSearchParams<{ sheetId: SheetId }>();
  const { sheet, error, refetch } = useSheet(sheetId);
  return (
    <Shown what={words.thisSheet} query={{ data: sheet, error, refetch }}>
      {(shown) => <SheetPage sheet={shown} />}
    </Shown>
  );
};

const SheetPage = ({ sheet }: { sheet: SheetDto }) => {
  const canEdit = sheet.state === 'next' || sheet.state === 'later';
  const editor = useEditor(sheet);
  const [taken, setTaken] = useState<readonly string[]>([]);
  return (
    <Screen
      title={sheet.personName}
      beside={sheet.forDate ? words.copyFor(formatDay(sheet.forDate)) : words.nextSheet}
      back={`/people/${sheet.personId}`}
      actions={
        <>
          {canEdit && (
            <>
              <IconButton icon="undo" says={common.undo} disabled={!editor.undo} onPress={() => editor.undo?.()} />
              <IconButton icon="redo" says={words.redo} disabled={!editor.redo} onPress={() => editor.redo?.()} />
            </>
          )}
          <WarningButton personId={sheet.personId} care={sheet.care} />
        </>
      }
      footer={<Footer sheet={sheet} taken={taken} />}
    >
      {sheet.ofPlan ? <Txt kind="label">{formatPlanDay(sheet.ofPlan)}</Txt> : null}
      {canEdit ? null : (
        <Card edge="saffron">
          <Txt>{sheet.state === 'started' ? words.thisSessionIsRunning : words.thisSessionIsDone}</Txt>
        </Card>
      )}
      <ConflictCard sheet={sheet} />
      <FourAnswers personId={sheet.personId} topics={sheet.notAsked ?? []} isHeld={isUnasked(sheet)} />
      <SinceCard sheet={sheet} taken={taken} onTaken={setTaken} />
      <CareStrip care={sheet.care} onSheet={sheet.items.map(({ variationId }) => variationId)} />
      <SheetEditor sheet={sheet} editor={editor} canEdit={canEdit && editor.isReady} />
      <LeftOut sheet={sheet} />
    </Screen>
  );
};

const Footer = ({ sheet, taken }: { sheet: SheetDto; taken: readonly string[] }) => {
  const router = useRouter();
  const { start, isReady } = useStart();
  const known = sheet.state === 'started' ? sessionIdFor(sheet.id, sheet.attempt) : null;
  const { attempt, liveSessionId, finishedSessionId } = useSheetProgress(sheet, known);
  if (sheet.state === 'done' || sheet.state === 'later') return null;
  if (finishedSessionId) {
    return (
      <Button
        look="main"
        size="live"
        label={words.reviewTheSession}
        onPress={() => router.push(`/review/${finishedSessionId}`)}
      />
    );
  }
  if (liveSessionId)
    return <Button look="main" size="live" label={common.goOn} onPress={() => router.push(`/live/${liveSessionId}`)} />;
  return (
    <Button
      look="main"
      size="live"
      label={words.start}
      says={words.startTheSessionOf(sheet.personName)}
      disabled={!isReady || sheet.items.length === 0 || sheet.care.state === 'see-clinician-first'}
      onPress={() => void start({ id: sheet.id, attempt }, { taken })}
    />
  );
};
