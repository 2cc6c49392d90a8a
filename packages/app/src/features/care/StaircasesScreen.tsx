import type { PersonId } from '@drubo/core/vocabulary';
import { formatDay } from '@drubo/words/dates';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { healthInputOf, recordsOf } from '@drubo/contracts';
import type { PersonDetailDto } from '@drubo/contracts';
import { roomOf } from '@drubo/core';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import type { Ladder, Rung } from '@drubo/core/catalogue';
import { FAMILY_LABELS } from '@drubo/words/explain';
import { LADDERS } from '@drubo/core/knowledge';
import { healthPicture } from '@drubo/core/limits';
import { readScreening } from '@drubo/core/screening';
import { accessTo } from '@drubo/core/selection';
import type { Situation } from '@drubo/core/selection';
import { newId } from '../../data/ids';
import { useEndpoint } from '../../data/use-endpoint';
import { usePerson } from '../../data/use-person';
import { usePersonWriter } from '../../data/use-person-writer';
import { Card } from '../../ui/Card';
import { todayIn } from '../../ui/days';
import { Stack } from '../../ui/layout';
import { Shown } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';
import { useExplain } from '../../ui/Why';
import { Screen } from '../../frame/Screen';
import { useSnack } from '../../frame/SnackProvider';
import { useStudio } from '../../data/StudioContext';
import { PersonStaircase } from './PersonStaircase';
import { PlaceDialog } from './PlaceDialog';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.staircasesScreen;

/** Every ladder of a person: where they stand, what earns the next, what is locked and why. */
export const StaircasesScreen = () => {
  const { personId } = useLocalSearchParams<{ personId: PersonId }>();
  const query = usePerson(personId);
  return (
    <Shown what={words.thisPerson} query={query}>
      {(detail) => <Staircases detail={detail} />}
    </Shown>
  );
};

/** What their movements have to get past, as the sheet sees it. */
const situationOf = ({ nextSheet }: PersonDetailDto): Situation => ({
  kit: nextSheet.kit,
  room: roomOf(nextSheet.kit, nextSheet.kit.items),
  limits: nextSheet.limits,
  safety: nextSheet.safety,
});

const Staircases = ({ detail }: { detail: PersonDetailDto }) => {
  const { studio } = useStudio();
  const snack = useSnack();
  const today = todayIn(studio.timeZone);
  const { person, standings, intake, records } = detail;
  const writer = usePersonWriter(person.id);
  const [placing, setPlacing] = useState<{ ladder: Ladder; rung: Rung } | null>(null);
  const situation = { ...situationOf(detail), limits: healthPicture(healthInputOf(intake, records, today)).limits };
  const screening = recordsOf(records, 'screening')
    .filter(({ fields }) => fields.done)
    .at(-1);
  const starts = screening
    ? readScreening(screening.fields.seen, { heightCm: person.heightCm, massKg: person.massKg, shankCm: null }).starts
    : [];
  const place = async (why: string) => {
    if (!placing) return;
    const { ladder, rung } = placing;
    const isSaved = await writer.saveRecord(newId(), { kind: 'placement', on: today, ladderId: ladder.id, rungId: rung.id, why });
    if (!isSaved) return;
    setPlacing(null);
    snack({ text: words.placedTheWaitingSheet });
  };
  return (
    <Screen title={words.staircases} beside={person.name} back={`/people/${person.id}`}>
      {LADDERS.map((ladder, at) => (
        <Stack key={ladder.id} gap="s">
          {LADDERS[at - 1]?.family !== ladder.family && <Heading>{FAMILY_LABELS[ladder.family]}</Heading>}
          <PersonStaircase
            ladder={ladder}
            standing={standings.find(({ ladderId }) => ladderId === ladder.id) ?? null}
            startsAt={starts.find(({ ladderId }) => ladderId === ladder.id)?.rungId ?? null}
            accessOf={(rung) => {
              const variation = findVariation(builtInCatalogue, rung.variationId);
              return variation ? accessTo(variation, situation) : null;
            }}
            onPlace={(rung) => setPlacing({ ladder, rung })}
          />
        </Stack>
      ))}
      <Moves personId={person.id} />
      {placing && (
        <PlaceDialog
          {...placing}
          name={person.name}
          problem={writer.problem}
          isBusy={writer.isBusy}
          onPlace={(why) => void place(why)}
          onClose={() => {
            writer.clearProblem();
            setPlacing(null);
          }}
        />
      )}
    </Screen>
  );
};

/** When they went from one movement to another, and why. */
const Moves = ({ personId }: { personId: PersonId }) => {
  const explain = useExplain();
  const query = useEndpoint('getLadderMoves', { params: { personId } });
  const nameOf = (id: string) => findVariation(builtInCatalogue, id)?.name ?? id;
  return (
    <Card>
      <Heading>{words.historyOfMoves}</Heading>
      <Shown what={words.theHistory} query={query}>
        {(moves) =>
          moves.length === 0 ? (
            <Txt tone="quiet">{words.noneYetAReview}</Txt>
          ) : (
            <Stack role="list" gap="s">
              {moves.map(({ on, from, to, by, reasons, why }, at) => (
                <View role="listitem" key={`${on}-${at}`}>
                  <Txt>
                    {formatDay(on)}: {from === null ? '' : `${nameOf(from)} → `}
                    {nameOf(to)}
                  </Txt>
                  <Txt kind="small" tone="quiet">
                    {by === 'hand' ? words.placedByHand(why ?? '') : (explain(reasons)[0]?.text ?? words.decidedInAReview)}
                  </Txt>
                </View>
              ))}
            </Stack>
          )
        }
      </Shown>
    </Card>
  );
};
