import type { ComposingDto, PersonDetailDto } from '@drubo/contracts';
import { stretchOf } from '@drubo/core/vocabulary';
import type { PersonId } from '@drubo/core/vocabulary';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { dayNumber } from '@drubo/core';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import type { SheetPlan } from '@drubo/core/loop';
import { findDay, weekView } from '@drubo/core/weeks';
import type { NextDay } from '@drubo/core/weeks';
import { formatDay } from '@drubo/words/dates';
import { DAY_ROLE_LABELS, formatLoad, formatSets, STRETCH_HEADINGS } from '@drubo/words/explain';
import { weeksWords } from '@drubo/words/screens/weeks';
import { newId } from '../../data/ids';
import { useComposing } from '../../data/use-composing';
import { usePerson } from '../../data/use-person';
import { usePlanWriter } from '../../data/use-plan-writer';
import { useStudio } from '../../data/StudioContext';
import { Screen } from '../../frame/Screen';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { dateOfDay, todayIn } from '../../ui/days';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Row, Stack } from '../../ui/layout';
import { Problem } from '../../ui/Problem';
import { Empty, Shown } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';
import { usePlanDaySheet } from './use-plan-day-sheet';
import { boundsOf } from './week-words';

const words = weeksWords.planDay;

/** A further day of a plan as it would be: composed here and now, stored only once it is to be changed. */
export const PlanDayScreen = () => {
  const { personId, dayId } = useLocalSearchParams<{ personId: PersonId; dayId: string }>();
  const query = usePerson(personId);
  return (
    <Shown what={weeksWords.thisPerson} query={query}>
      {(detail) => <PlanDay detail={detail} dayId={dayId} />}
    </Shown>
  );
};

const PlanDay = ({ detail, dayId }: { detail: PersonDetailDto; dayId: string }) => {
  const back = `/people/${detail.person.id}/weeks`;
  const plan = detail.plan?.plan ?? null;
  const found = plan && findDay(plan.block, dayId);
  const { from } = useComposing(detail.nextSheet);
  if (!found) {
    return (
      <Screen title={weeksWords.weeks} beside={detail.person.name} back={back}>
        <Empty title={words.noDay} text={weeksWords.none.text} />
      </Screen>
    );
  }
  return <Proposal key={dayId} detail={detail} found={found} from={from} back={back} />;
};

const Proposal = ({
  detail,
  found,
  from,
  back,
}: {
  detail: PersonDetailDto;
  found: NextDay;
  from: ComposingDto | undefined;
  back: string;
}) => {
  const router = useRouter();
  const writer = usePlanWriter(detail.person.id);
  const { studio } = useStudio();
  const { person, plan: kept } = detail;
  const { block, week, day } = found;
  const [sheetId] = useState(newId);
  const { made, problem } = usePlanDaySheet(detail, kept?.plan ?? null, from, { dayId: day.id, trained: kept?.trained });
  const view = kept?.plan && weekView(kept.plan, kept.trained, dayNumber(todayIn(studio.timeZone)), week.index);
  const own = view?.days.find((one) => one.day.id === day.id);
  const keep = async () => {
    if (await writer.keepDay(sheetId, day.id)) router.replace(`/sheet/${sheetId}`);
  };
  return (
    <Screen
      title={DAY_ROLE_LABELS[day.role]}
      beside={`${person.name} · ${formatDay(dateOfDay(day.day))} · ${words.week(week.index + 1, block.weeks.length)}`}
      back={back}
      footer={
        <Button
          look="main"
          label={words.change}
          disabled={!made || !writer.isReady}
          busy={writer.isBusy}
          onPress={() => void keep()}
        />
      }
    >
      <Row gap="s" align="center">
        <Txt tone="quiet" style={styles.grow}>
          {words.proposal}
        </Txt>
        <WhyDot about={words.why} reasons={[...week.why, ...block.why]} />
      </Row>
      <Problem text={writer.problem ?? problem} />
      {own && (
        <Card>
          <Heading level={2}>{words.aims}</Heading>
          {boundsOf(own).map(({ label, text }) => (
            <Row key={label} gap="s">
              <Txt style={styles.grow}>{label}</Txt>
              <Txt kind="label">{text}</Txt>
            </Row>
          ))}
        </Card>
      )}
      {made ? <Exercises plan={made} /> : <Txt tone="quiet">{weeksWords.begin.composing}</Txt>}
    </Screen>
  );
};

const Exercises = ({ plan }: { plan: SheetPlan }) =>
  plan.blocks.map((block) => {
    const items = plan.items.filter(({ blockId }) => blockId === block.id);
    return items.length === 0 ? null : (
      <Card key={block.id}>
        <Txt kind="small" tone="quiet">
          {STRETCH_HEADINGS[stretchOf(block.role, plan.shape)]}
        </Txt>
        {items.map(({ id, variationId, dose, why, chosenWhy }) => {
          const variation = getVariation(builtInCatalogue, variationId);
          return (
            <Row key={id} gap="s" align="center">
              <FamilyGlyph family={variation.family} />
              <Stack gap="xs" style={styles.grow}>
                <Txt kind="bold">{variation.name}</Txt>
                <Txt kind="small">{`${formatSets(dose, variation.stance)} · ${formatLoad(dose.load)}`}</Txt>
              </Stack>
              <WhyDot about={variation.name} reasons={[...chosenWhy, ...why.load, ...why.reps, ...why.sets]} />
            </Row>
          );
        })}
      </Card>
    );
  });

const styles = StyleSheet.create({ grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 } });
