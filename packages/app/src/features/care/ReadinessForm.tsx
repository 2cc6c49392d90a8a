import { useState } from 'react';
import type { IntakeDto } from '@drubo/contracts';
import { READINESS_ASKS, READINESS_GROUPS } from '@drubo/core/explain';
import type { ReadinessId } from '@drubo/core/vocabulary';
import type { PersonWriter } from '../../data/use-person-writer';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Stack } from '../../ui/layout';
import { Ticks } from '../../ui/Ticks';
import { Heading, Txt } from '../../ui/Txt';

type Group = (typeof READINESS_GROUPS)[number];

const yesIn = (group: Group, answers: IntakeDto['answers']): ReadinessId[] => group.ids.filter((id) => answers[id] === 'yes');
const openIn = (group: Group, answers: IntakeDto['answers']): number =>
  group.ids.filter((id) => answers[id] === undefined).length;

/**
 * Questions before exercise, a group at a time: tick what is true, then say that the rest is not. What nobody asked
 * stays unknown.
 */
export const ReadinessForm = ({ intake, writer }: { intake: IntakeDto; writer: PersonWriter }) => (
  <Stack gap="m">
    {READINESS_GROUPS.map((group) => (
      <GroupCard key={group.title} group={group} intake={intake} writer={writer} />
    ))}
  </Stack>
);

const GroupCard = ({ group, intake, writer }: { group: Group; intake: IntakeDto; writer: PersonWriter }) => {
  const { answers } = intake;
  const [ticked, setTicked] = useState<ReadinessId[]>(yesIn(group, answers));
  const open = openIn(group, answers);
  const isSaved = open === 0 && group.ids.every((id) => (answers[id] === 'yes') === ticked.includes(id));
  const save = () => {
    const given = Object.fromEntries(group.ids.map((id) => [id, ticked.includes(id) ? 'yes' : 'no'])) as IntakeDto['answers'];
    void writer.saveIntake({ answers: { ...answers, ...given } });
  };
  const rest = ticked.length === 0 ? 'None of these' : 'Only what is ticked';
  return (
    <Card edge={isSaved ? 'moss' : undefined}>
      <Heading level={3}>{group.title}</Heading>
      <Ticks
        label="Tick what is true"
        options={group.ids.map((value) => ({ value, label: READINESS_ASKS[value] }))}
        values={ticked}
        tone="clay"
        onChange={setTicked}
      />
      {isSaved ? (
        <Txt kind="small" tone="moss">
          Asked. {ticked.length === 0 ? 'None of these.' : `${ticked.length} true.`}
        </Txt>
      ) : (
        <Button label={rest} says={`${rest}: ${group.title}`} busy={writer.isBusy} onPress={save} />
      )}
    </Card>
  );
};
