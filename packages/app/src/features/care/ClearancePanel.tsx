import { formatDay } from '@drubo/words/dates';
import { useState } from 'react';
import { healthInputOf, recordsOf } from '@drubo/contracts';
import type { PersonDetailDto } from '@drubo/contracts';
import { FAMILY_LABELS, inSentence, PERSON_STATE_LABELS, RANGE_LABELS, ROLE_LABELS } from '@drubo/words/explain';
import { healthPicture } from '@drubo/core/limits';
import type { LimitId } from '@drubo/core/vocabulary';
import { newId } from '../../data/ids';
import type { PersonWriter } from '../../data/use-person-writer';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Stack, Wrap } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { ReasonList } from '../../ui/Why';
import { useSnack } from '../../frame/SnackProvider';
import { ClearanceDialog, freshClearance } from './ClearanceDialog';
import { STATE_EDGE } from '../../parts/care/state-words';
import { common } from '@drubo/words/screens/common';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.clearancePanel;

/** Whether the person may train and why, what clinicians said, and recording it. */
export const ClearancePanel = ({ detail, writer, today }: { detail: PersonDetailDto; writer: PersonWriter; today: string }) => {
  const snack = useSnack();
  const [openId, setOpenId] = useState<string | null>(null);
  const health = healthPicture(healthInputOf(detail.intake, detail.records, today));
  const clearances = recordsOf(detail.records, 'clearance');
  const signs = recordsOf(detail.records, 'sign');
  const holds = [...new Set(health.limits.map(({ limit }) => limit))];
  const uncleared = health.limits.filter(({ cleared = [] }) => cleared.length === 0).map(({ limit }) => limit);
  const about = [...new Set<LimitId>(uncleared.filter((limit) => limit === 'see-clinician' || limit === 'after-surgery'))];
  const given =
    clearances.find(({ id }) => id === openId)?.fields ?? freshClearance(about.length > 0 ? about : holds.slice(0, 1), today);
  const remove = async (id: string, what: string) => {
    if (await writer.setRemoved(id, true))
      snack({ text: words.isTakenAway(what), undo: () => void writer.setRemoved(id, false) });
  };
  return (
    <Stack gap="m">
      <Card edge={STATE_EDGE[health.state]}>
        <Heading>{PERSON_STATE_LABELS[health.state]}</Heading>
        {health.reasons.length === 0 ? (
          <Txt tone="quiet">{words.nothingKnownHoldsThem}</Txt>
        ) : (
          <ReasonList reasons={health.reasons} />
        )}
        {holds.length > 0 && (
          <Button
            look={health.state === 'see-clinician-first' ? 'main' : 'plain'}
            label={words.recordAClearance}
            onPress={() => setOpenId(newId())}
          />
        )}
      </Card>
      {clearances.map(({ id, fields }) => (
        <Card key={id} edge={fields.until < today ? 'saffron' : 'moss'}>
          <Txt kind="bold">{words.clearedBy(inSentence(ROLE_LABELS[fields.role]), fields.name ? `, ${fields.name}` : '')}</Txt>
          <Txt kind="small">
            {fields.scope.families.map((family) => FAMILY_LABELS[family]).join(', ')} ·{' '}
            {inSentence(RANGE_LABELS[fields.scope.range])}
          </Txt>
          <Txt kind="small" tone={fields.until < today ? 'saffron' : 'quiet'}>
            {words.to(formatDay(fields.on), formatDay(fields.until), fields.until, today)}
          </Txt>
          <Wrap gap="s">
            <Button label={common.change} says={words.changeThisClearance} onPress={() => setOpenId(id)} />
            <Button
              label={words.takeAway}
              says={words.takeThisClearanceAway}
              onPress={() => void remove(id, words.theClearance)}
            />
          </Wrap>
        </Card>
      ))}
      {signs.map(({ id, fields }) => (
        <Card key={id} edge="clay">
          <Txt kind="bold">{words.warningSign(formatDay(fields.on))}</Txt>
          <Button label={words.notedByMistake} onPress={() => void remove(id, words.theWarningSign)} />
        </Card>
      ))}
      {openId !== null && (
        <ClearanceDialog
          key={openId}
          given={given}
          holds={holds}
          problem={writer.problem}
          isBusy={writer.isBusy}
          onSave={(clearance) =>
            void writer.saveRecord(openId, clearance).then((isSaved) => {
              if (isSaved) setOpenId(null);
            })
          }
          onClose={() => {
            writer.clearProblem();
            setOpenId(null);
          }}
        />
      )}
    </Stack>
  );
};
