import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import type { PersonDetailDto } from '@drubo/contracts';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { formatLoad, formatSets, PERSON_STATE_LABELS } from '@drubo/words/explain';
import { Figure } from '../../figures/Figure';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Row, Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { ReasonList, useExplain, WhyDot } from '../../ui/Why';
import { proportionsOf } from './proportions';
import { STATE_EDGE } from '../../parts/care/state-words';
import { openIn, STEPS } from './steps';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.firstSheetStep;

/** What all of it comes to: the state, each movement with why it, and what stays off. */
export const FirstSheetStep = ({ detail }: { detail: PersonDetailDto }) => {
  const router = useRouter();
  const explain = useExplain();
  const { nextSheet } = detail;
  const segments = useMemo(() => proportionsOf(detail), [detail]);
  const open = openIn(detail);
  const missing = STEPS.flatMap(({ id, title }) => (open[id] === null ? [] : [`${title}: ${open[id]}`]));
  return (
    <Stack gap="m">
      <Card edge={STATE_EDGE[nextSheet.care.state]}>
        <Heading>{PERSON_STATE_LABELS[nextSheet.care.state]}</Heading>
        {nextSheet.care.state !== 'train' && <ReasonList reasons={nextSheet.care.reasons} />}
      </Card>
      {nextSheet.items.map(({ id, variationId, dose, chosenWhy, values }) => {
        const variation = getVariation(builtInCatalogue, variationId);
        return (
          <Card key={id}>
            <Row gap="m">
              <Figure variation={variation} values={values} segments={segments} depth={0.9} width={72} height={72} />
              <View style={{ flexGrow: 1, flexShrink: 1, flexBasis: 0 }}>
                <Txt kind="bold">{variation.name}</Txt>
                <Txt kind="label">
                  {formatSets(dose, variation.stance)} · {formatLoad(dose.load)}
                </Txt>
                {chosenWhy[0] ? (
                  <Txt kind="small" tone="quiet">
                    {explain([chosenWhy[0]])[0]?.text}
                  </Txt>
                ) : null}
              </View>
              {chosenWhy.length > 0 && <WhyDot about={variation.name} reasons={chosenWhy} />}
            </Row>
          </Card>
        );
      })}
      {nextSheet.leftOff.map(({ slot, reasons }) => (
        <Card key={slot} edge="saffron">
          <ReasonList reasons={reasons} />
        </Card>
      ))}
      {missing.length > 0 && (
        <Txt kind="small" tone="quiet">
          {words.stillOpenWheneverYou(missing.join('. '))}
        </Txt>
      )}
      <Button
        look="main"
        label={words.openTheSheetMin(nextSheet.minutes)}
        onPress={() => router.push(`/sheet/${nextSheet.id}`)}
      />
    </Stack>
  );
};
