import { useState } from 'react';
import { View } from 'react-native';
import type { PersonDetailDto } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { FAMILY_LABELS } from '@drubo/words/explain';
import { LADDERS } from '@drubo/core/knowledge';
import { MAIN_FAMILIES } from '@drubo/core/vocabulary';
import type { MainFamily } from '@drubo/core/vocabulary';
import { usePersonWriter } from '../../data/use-person-writer';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { IconButton } from '../../ui/IconButton';
import { Row, Stack, Wrap } from '../../ui/layout';
import { Problem } from '../../ui/Problem';
import { Heading, Txt } from '../../ui/Txt';
import { useSnack } from '../../frame/SnackProvider';
import { useStudio } from '../../data/StudioContext';
import { KnowsLift } from './KnowsLift';
import { liftEffect, liftLine, listedLifts } from './known-lifts';
import { partsLiftsWords } from '@drubo/words/screens/parts-lifts';

const words = partsLiftsWords.knownLiftsPanel;

/** Loaded movements of a family, the furthest up first: what people know their numbers of. */
const suggestedFor = (family: MainFamily): string[] => {
  const rungs = LADDERS.filter((ladder) => ladder.family === family).flatMap((ladder) =>
    ladder.rungs.filter(({ aside }) => !aside),
  );
  const loaded = rungs.filter(({ variationId }) => {
    const variation = findVariation(builtInCatalogue, variationId);
    return (
      variation !== undefined && variation.seconds === null && variation.loadPositions.some((position) => position !== 'none')
    );
  });
  return [...new Set([...loaded].sort((a, b) => b.stage - a.stage).map(({ variationId }) => variationId))].slice(0, 8);
};

/** What a person is known to lift, what each does for them, and a way to add one; with years behind them it asks for one a pattern. */
export const KnownLiftsPanel = ({ detail, today }: { detail: PersonDetailDto; today: string }) => {
  const { unit } = useStudio();
  const snack = useSnack();
  const { person, intake, records } = detail;
  const writer = usePersonWriter(person.id);
  const [adding, setAdding] = useState<MainFamily | 'any' | null>(null);
  const lifts = listedLifts(intake, records, today);
  const nameOf = (id: string) => findVariation(builtInCatalogue, id)?.name ?? id;
  const isAsked = lifts.length === 0 && person.trainingAge !== 'novice';
  const remove = async (id: string, variationId: string) => {
    if (!(await writer.setRemoved(id, true))) return;
    snack({ text: words.takenAway(nameOf(variationId)), undo: () => void writer.setRemoved(id, false) });
  };
  return (
    <Card>
      <Heading>{words.knownLifts}</Heading>
      {lifts.length === 0 && <Txt tone="quiet">{isAsked ? words.theyHaveTrainedBefore : words.noneWhatTheyDid}</Txt>}
      <Stack role="list" aria-label={words.knownLifts} gap="s">
        {lifts.map((listed) => (
          <Row role="listitem" key={listed.id} gap="s" style={{ opacity: listed.isOlder ? 0.85 : 1 }}>
            <View style={{ flexGrow: 1, flexShrink: 1, flexBasis: 0 }}>
              <Txt kind="bold">{nameOf(listed.lift.variationId)}</Txt>
              <Txt kind="small">{liftLine(listed.lift, unit)}</Txt>
              <Txt kind="small" tone="quiet">
                {liftEffect(listed)}
              </Txt>
            </View>
            <IconButton
              icon="close"
              says={words.takeAway(nameOf(listed.lift.variationId), liftLine(listed.lift, unit))}
              onPress={() => void remove(listed.id, listed.lift.variationId)}
            />
          </Row>
        ))}
      </Stack>
      <Problem text={writer.problem} />
      <Wrap gap="s">
        {isAsked ? (
          MAIN_FAMILIES.map((family) => (
            <Button
              key={family}
              label={FAMILY_LABELS[family]}
              says={words.addALiftThey(family)}
              onPress={() => setAdding(family)}
            />
          ))
        ) : (
          <Button label={words.addALiftTheyKnow} onPress={() => setAdding('any')} />
        )}
      </Wrap>
      {adding !== null && (
        <KnowsLift
          personId={person.id}
          variationId={null}
          suggested={
            adding === 'any' ? MAIN_FAMILIES.flatMap((family) => suggestedFor(family).slice(0, 2)) : suggestedFor(adding)
          }
          onClose={() => setAdding(null)}
        />
      )}
    </Card>
  );
};
