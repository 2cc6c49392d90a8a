import { useState } from 'react';
import type { IntakeDto, SheetDto } from '@drubo/contracts';
import { HEALTH_TOPIC_LABELS } from '@drubo/words/explain';
import { HEALTH_TOPICS } from '@drubo/core/vocabulary';
import type { HealthTopic, PersonId, ReadinessId } from '@drubo/core/vocabulary';
import { usePerson } from '../../data/use-person';
import { usePersonWriter } from '../../data/use-person-writer';
import { Card } from '../../ui/Card';
import { Choices } from '../../ui/Choices';
import { todayIn } from '../../ui/days';
import { Stack } from '../../ui/layout';
import { Problem } from '../../ui/Problem';
import { Heading, Txt } from '../../ui/Txt';
import { useStudio } from '../../data/StudioContext';
import { partsCareWords } from '@drubo/words/screens/parts-care';

const words = partsCareWords.fourAnswers;

type Answer = 'no' | 'yes' | 'heart' | 'pressure' | 'both';
interface Option {
  value: Answer;
  label: string;
  yes: readonly ReadinessId[];
}

const no = (label: string): Option => ({ value: 'no', label, yes: [] });
const yesTo = (id: ReadinessId): Option => ({ value: 'yes', label: words.yes, yes: [id] });

/** One tap answers every question of a topic. */
const OPTIONS: Record<HealthTopic, readonly Option[]> = {
  pregnancy: [no(words.no), yesTo('pregnant')],
  'heart-and-pressure': [
    no(words.neither),
    { value: 'heart', label: words.heart, yes: ['heart-condition'] },
    { value: 'pressure', label: words.pressure, yes: ['high-pressure'] },
    { value: 'both', label: words.both, yes: ['heart-condition', 'high-pressure'] },
  ],
  operation: [no(words.no), yesTo('surgery-within-two-years')],
  pain: [no(words.no), yesTo('unexplained-pain')],
};

/** What a topic was answered with; null where a question of it is open. */
const answerTo = (topic: HealthTopic, answers: IntakeDto['answers']): Answer | null => {
  const ids: readonly ReadinessId[] = HEALTH_TOPICS[topic];
  if (ids.some((id) => answers[id] === undefined)) return null;
  const yes = ids.filter((id) => answers[id] === 'yes');
  return (
    OPTIONS[topic].find((option) => option.yes.length === yes.length && yes.every((id) => option.yes.includes(id)))?.value ?? null
  );
};

/** Whether a sheet holds no load because nobody asked. */
export const isUnasked = ({ limits }: Pick<SheetDto, 'limits'>): boolean =>
  limits.some(({ limit }) => limit === 'health-not-asked');

interface FourAnswersProps {
  personId: PersonId;
  /** The topics still open when it was read. */
  topics: readonly HealthTopic[];
  /** Whether nothing may be loaded until they are answered; somebody loaded before only rises more slowly. */
  isHeld: boolean;
}

/** The answers without which nothing is loaded, a tap each; each is kept as it is tapped and can be tapped over. */
export const FourAnswers = ({ personId, topics, isHeld }: FourAnswersProps) => {
  const { data: detail } = usePerson(personId);
  const writer = usePersonWriter(personId);
  const { studio } = useStudio();
  // What was open when the card came up stays on it, so that a wrong tap is mended where it was made.
  const [shown] = useState(topics);
  if (!detail || shown.length === 0) return null;
  const { intake } = detail;
  const open = shown.filter((topic) => answerTo(topic, intake.answers) === null);
  const save = (topic: HealthTopic, option: Option | undefined) => {
    if (!option) return;
    const given = Object.fromEntries(HEALTH_TOPICS[topic].map((id) => [id, option.yes.includes(id) ? 'yes' : 'no']));
    void writer.saveIntake({
      answers: { ...intake.answers, ...given },
      consentOn: intake.consentOn ?? todayIn(studio.timeZone),
    });
  };
  return (
    <Card edge={open.length > 0 ? 'saffron' : 'moss'}>
      <Heading>{open.length > 0 ? words.open(isHeld, open.length) : words.asked}</Heading>
      <Txt kind="small" tone="quiet">
        {open.length > 0 ? words.untilTheseAreAnswered(isHeld) : words.everyOneIsAnswered}
      </Txt>
      <Stack gap="s">
        {shown.map((topic) => (
          <Choices
            key={topic}
            label={HEALTH_TOPIC_LABELS[topic]}
            options={OPTIONS[topic]}
            value={answerTo(topic, intake.answers)}
            onChange={(value) =>
              save(
                topic,
                OPTIONS[topic].find((option) => option.value === value),
              )
            }
          />
        ))}
      </Stack>
      <Problem text={writer.problem} />
    </Card>
  );
};
