import { useState } from 'react';
import type { IntakeDto } from '@drubo/contracts';
import { READINESS_GROUPS } from '@drubo/core/vocabulary';
import type { ReadinessGroup, ReadinessId } from '@drubo/core/vocabulary';
import { READINESS_ASKS, READINESS_GROUP_TITLES } from '@drubo/words/explain';
import type { PersonWriter } from '../../data/use-person-writer';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Stack } from '../../ui/layout';
import { Ticks } from '../../ui/Ticks';
import { Heading, Txt } from '../../ui/Txt';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.readinessForm;

type Ids = readonly ReadinessId[];

const GROUPS = Object.keys(READINESS_GROUPS) as ReadinessGroup[];
const yesIn = (ids: Ids, answers: IntakeDto['answers']): ReadinessId[] => ids.filter((id) => answers[id] === 'yes');
const openIn = (ids: Ids, answers: IntakeDto['answers']): number => ids.filter((id) => answers[id] === undefined).length;

/**
 * Questions before exercise, a group at a time: tick what is true, then say that the rest is not. What nobody asked
 * stays unknown.
 */
export const ReadinessForm = ({ intake, writer }: { intake: IntakeDto; writer: PersonWriter }) => (
  <Stack gap="m">
    {GROUPS.map((group) => (
      <GroupCard key={group} group={group} intake={intake} writer={writer} />
    ))}
  </Stack>
);

const GroupCard = ({ group, intake, writer }: { group: ReadinessGroup; intake: IntakeDto; writer: PersonWriter }) => {
  const { answers } = intake;
  const ids: Ids = READINESS_GROUPS[group];
  const title = READINESS_GROUP_TITLES[group];
  const [ticked, setTicked] = useState<ReadinessId[]>(yesIn(ids, answers));
  const open = openIn(ids, answers);
  const isSaved = open === 0 && ids.every((id) => (answers[id] === 'yes') === ticked.includes(id));
  const save = () => {
    const given = Object.fromEntries(ids.map((id) => [id, ticked.includes(id) ? 'yes' : 'no'])) as IntakeDto['answers'];
    void writer.saveIntake({ answers: { ...answers, ...given } });
  };
  const rest = ticked.length === 0 ? words.noneOfThese : words.onlyWhatIsTicked;
  return (
    <Card edge={isSaved ? 'moss' : undefined}>
      <Heading level={3}>{title}</Heading>
      <Ticks
        label={words.tickWhatIsTrue}
        options={ids.map((value) => ({ value, label: READINESS_ASKS[value] }))}
        values={ticked}
        tone="clay"
        onChange={setTicked}
      />
      {isSaved ? (
        <Txt kind="small" tone="moss">
          {words.asked(ticked.length)}
        </Txt>
      ) : (
        <Button label={rest} says={`${rest}: ${title}`} busy={writer.isBusy} onPress={save} />
      )}
    </Card>
  );
};
