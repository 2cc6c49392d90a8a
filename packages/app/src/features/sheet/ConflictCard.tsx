import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { View } from 'react-native';
import { contentOfSheet } from '@drubo/contracts';
import type { SheetDto } from '@drubo/contracts';
import { useCommands, useWriter } from '../../data/offline/QueueProvider';
import { sheetAggregate } from '../../data/offline/lines';
import { isWrite } from '../../data/offline/types';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Wrap } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { changeLines } from '../../parts/sheet/ChangeList';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.conflictCard;

/** A change of this screen that was refused because another screen had changed the sheet: both are shown, one is kept. */
export const ConflictCard = ({ sheet }: { sheet: SheetDto }) => {
  const writer = useWriter();
  const client = useQueryClient();
  const refused = useCommands()
    .filter(isWrite('saveSheet'))
    .filter(({ params, state }) => params.sheetId === sheet.id && state === 'needs-you');
  const last = refused.at(-1);
  const refusedId = last?.id;
  // What the other screen made of it has not been read here yet.
  useEffect(() => {
    if (refusedId) void client.invalidateQueries({ queryKey: ['getSheet', { sheetId: sheet.id }] });
  }, [client, refusedId, sheet.id]);
  if (!last) return null;
  const { content } = last.body;
  const isStale = last.error?.code === 'stale-version';
  const lines = changeLines(contentOfSheet(sheet), content);
  const drop = () => writer.remove(refused.map(({ id }) => id));
  const keepMine = async () => {
    await drop();
    await writer.log({
      endpointId: 'saveSheet',
      params: { sheetId: sheet.id },
      body: { version: sheet.version, content },
      aggregate: sheetAggregate(sheet.id),
    });
  };
  return (
    <Card edge="clay">
      <Heading>{isStale ? words.changedOnAnotherScreen : words.yourLastChangeWas}</Heading>
      <Txt>
        {isStale ? words.theSheetBelowIs : (last.error?.fields?.map(({ message }) => message).join(' ') ?? last.error?.message)}
      </Txt>
      <View role="list" aria-label={words.yourVersionAgainstThis}>
        {lines.map((line) => (
          <View role="listitem" key={line}>
            <Txt>{line}</Txt>
          </View>
        ))}
        {lines.length === 0 && <Txt tone="quiet">{words.nothingBothAreThe}</Txt>}
      </View>
      <Wrap gap="s">
        <Button label={words.keepThisOne} onPress={() => void drop()} />
        {isStale && <Button look="main" label={words.useMine} onPress={() => void keepMine()} />}
      </Wrap>
    </Card>
  );
};
