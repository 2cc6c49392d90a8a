import type { PersonId } from '@drubo/core/vocabulary';
import { useRouter } from 'expo-router';
import type { StandingDto } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { LADDERS } from '@drubo/core/knowledge';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { useStudio } from '../../data/StudioContext';
import { progressOf, stoodLine } from '../../parts/moves/standing-words';
import { peopleWords } from '@drubo/words/screens/people';

const words = peopleWords.standingsCard;

/** Where a person stands on each ladder. */
export const StandingsCard = ({ standings, personId }: { standings: readonly StandingDto[]; personId: PersonId }) => {
  const { unit } = useStudio();
  const router = useRouter();
  return (
    <Card>
      <Heading>{words.stages}</Heading>
      {standings.map((standing) => {
        const ladder = LADDERS.find(({ id }) => id === standing.ladderId);
        const rung = ladder?.rungs.find(({ id }) => id === standing.rungId);
        const top = Math.max(...(ladder?.rungs.filter(({ aside }) => !aside).map(({ stage }) => stage) ?? [0]));
        return (
          <Stack key={standing.ladderId} gap="xs">
            <Txt kind="bold">
              {findVariation(builtInCatalogue, standing.variationId)?.name ?? standing.variationId}
              {rung ? words.stageOf(rung.stage, top) : ''}
            </Txt>
            <Txt kind="small" tone="quiet">
              {ladder?.name}. {progressOf(standing, unit)}
            </Txt>
            <Txt kind="small" tone="quiet">
              {stoodLine(standing)}
            </Txt>
          </Stack>
        );
      })}
      {standings.length === 0 && <Txt tone="quiet">{words.nothingShownYetThe}</Txt>}
      <Button label={words.allStaircases} onPress={() => router.push(`/people/${personId}/staircases`)} />
    </Card>
  );
};
