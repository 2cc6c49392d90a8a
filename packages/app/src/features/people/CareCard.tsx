import { useRouter } from 'expo-router';
import { useState } from 'react';
import type { PersonDetailDto } from '@drubo/contracts';
import { CAUTION_LABELS, PERSON_STATE_LABELS } from '@drubo/words/explain';
import { newId } from '../../data/ids';
import { usePersonWriter } from '../../data/use-person-writer';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { todayIn } from '../../ui/days';
import { Row, Wrap } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { useExplain, WhyDot } from '../../ui/Why';
import { STATE_EDGE } from '../../parts/care/state-words';
import { AtHand, WarningDialog } from '../../parts/care/WarningDialog';
import { useStudio } from '../../data/StudioContext';
import { common } from '@drubo/words/screens/common';
import { peopleWords } from '@drubo/words/screens/people';

const words = peopleWords.careCard;

/** Reasons shown before the rest is left to the health page. */
const SHOWN = 3;

/** Whether they may train, with what, what has to be asked again, and whom to call: at the top of a person's page. */
export const CareCard = ({ detail }: { detail: PersonDetailDto }) => {
  const router = useRouter();
  const explain = useExplain();
  const { studio } = useStudio();
  const [isOpen, setOpen] = useState(false);
  const { id } = detail.person;
  const writer = usePersonWriter(id);
  const { care } = detail.nextSheet;
  // Nobody asked: that is not the same as nothing found.
  const isUnknown = care.state === 'train' && care.questions.some(({ code }) => code === 'readiness-not-asked');
  const title = isUnknown ? words.healthNotAskedYet : PERSON_STATE_LABELS[care.state];
  const lines = explain(care.reasons.slice(0, SHOWN));
  return (
    <Card edge={isUnknown ? 'saffron' : STATE_EDGE[care.state]}>
      <Row>
        <Heading style={{ flexGrow: 1 }}>{title}</Heading>
        {care.reasons.length > 0 && <WhyDot about={PERSON_STATE_LABELS[care.state]} reasons={care.reasons} />}
      </Row>
      {lines.map(({ text }, at) => (
        <Txt key={at} kind="small">
          {text}
        </Txt>
      ))}
      {care.cautions.map((caution) => (
        <Txt key={caution} kind="small" tone="saffron">
          {CAUTION_LABELS[caution]}
        </Txt>
      ))}
      {explain(care.questions).map(({ text }, at) => (
        <Txt key={at} kind="small" tone="quiet">
          {text}
        </Txt>
      ))}
      {(care.contact || care.medicine) && <AtHand care={care} />}
      <Wrap gap="s">
        <Button label={words.healthAndLimits} onPress={() => router.push(`/people/${id}/health`)} />
        <Button look="danger" label={common.warningSigns} onPress={() => setOpen(true)} />
      </Wrap>
      {isOpen && (
        <WarningDialog
          care={care}
          problem={writer.problem}
          onSign={({ id: sign }) =>
            void writer.saveRecord(newId(), { kind: 'sign', sign, on: todayIn(studio.timeZone), sessionId: null, note: '' })
          }
          onClose={() => setOpen(false)}
        />
      )}
    </Card>
  );
};
