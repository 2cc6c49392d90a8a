import { StyleSheet } from 'react-native';
import type { SheetDto } from '@drubo/contracts';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { sheetAggregate } from '../../data/offline/lines';
import { useWriter } from '../../data/offline/QueueProvider';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Wrap } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { VerdictMark } from '../../ui/VerdictMark';
import { ReasonList } from '../../ui/Why';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.leftOut;

/** What the last review left out, why, and the way back; and what is not open for the person, or has no time. */
export const LeftOut = ({ sheet }: { sheet: SheetDto }) => {
  const writer = useWriter();
  const bringBack = (slot: string) =>
    writer.log({
      endpointId: 'bringBack',
      params: { sheetId: sheet.id, slot },
      body: { version: sheet.version },
      aggregate: sheetAggregate(sheet.id),
    });
  return (
    <>
      {sheet.leftOut.map(({ slot, variationId, reasons }) => (
        <Card key={slot} edge="saffron">
          <Wrap gap="m" align="center">
            <VerdictMark verdict="leave-out" />
            <Txt kind="bold" style={styles.grow}>
              {getVariation(builtInCatalogue, variationId).name}
            </Txt>
          </Wrap>
          <ReasonList reasons={reasons} />
          <Button label={words.bringItBack} disabled={!writer.isReady} onPress={() => void bringBack(slot)} />
        </Card>
      ))}
      {sheet.leftOff.map(({ slot, variationId, reasons }) => (
        <Card key={`off-${slot}`} edge="saffron">
          <Txt kind="bold">
            {variationId === null ? words.noToday(slot) : words.notToday(getVariation(builtInCatalogue, variationId).name)}
          </Txt>
          <ReasonList reasons={reasons} />
        </Card>
      ))}
    </>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1 },
});
