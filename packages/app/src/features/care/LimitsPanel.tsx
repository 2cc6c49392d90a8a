import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { recordsOf } from '@drubo/contracts';
import type { FieldsOf, PersonDetailDto } from '@drubo/contracts';
import { daysBetween } from '@drubo/core';
import { BODY_SIDE_LABELS, LIMIT_LABELS } from '@drubo/words/explain';
import { ASK_AGAIN_DAYS } from '@drubo/core/limits';
import { DERIVED_LIMITS, LIMITS, SORE_LIMITS } from '@drubo/core/vocabulary';
import type { LimitId, SoreLimitId } from '@drubo/core/vocabulary';
import { newId } from '../../data/ids';
import type { PersonWriter } from '../../data/use-person-writer';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Row, Stack, Wrap } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { useSnack } from '../../frame/SnackProvider';
import { areasOf } from './body-areas';
import { BodyOutline } from './BodyOutline';
import { freshLimit, LimitDialog } from './LimitDialog';
import { LimitHistory } from './LimitHistory';
import { common } from '@drubo/words/screens/common';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.limitsPanel;

type Limit = FieldsOf<'limit'>;
type Open = { id: string; given: Limit; choices: readonly Limit['limit'][]; isKnown: boolean };

const isSore = (limit: LimitId): limit is SoreLimitId => SORE_LIMITS.some((sore) => sore === limit);

/** Things without a place on the outline that a trainer may note by hand; what answers set is set there. */
const OTHERS: readonly Limit['limit'][] = LIMITS.filter(
  (limit): limit is Limit['limit'] => !isSore(limit) && !DERIVED_LIMITS.some((hold) => hold === limit),
);

/** Limits on a body to tap, and as a list; each with how sore, since when, and whether it is time to ask again. */
export const LimitsPanel = ({ detail, writer, today }: { detail: PersonDetailDto; writer: PersonWriter; today: string }) => {
  const snack = useSnack();
  const [open, setOpen] = useState<Open | null>(null);
  const [isOther, setOther] = useState(false);
  const limits = recordsOf(detail.records, 'limit');
  const marks = limits.flatMap(({ fields: { limit, side, severity } }) =>
    isSore(limit)
      ? areasOf(limit, side).map(({ id: areaId }) => ({
          areaId,
          label: severity === null ? '?' : String(severity),
          says: `${LIMIT_LABELS[limit]}, ${severity === null ? words.notAskedHowSore : words.of10(severity)}`,
        }))
      : [],
  );
  const edit = (id: string, given: Limit) => setOpen({ id, given, choices: [given.limit], isKnown: true });
  const close = () => {
    writer.clearProblem();
    setOpen(null);
  };
  const save = async (limit: Limit) => {
    if (open && (await writer.saveRecord(open.id, limit))) setOpen(null);
  };
  const takeAway = async ({ id, given }: Open) => {
    if (!(await writer.setRemoved(id, true))) return;
    setOpen(null);
    snack({ text: words.goneItsHistoryStays(LIMIT_LABELS[given.limit]), undo: () => void writer.setRemoved(id, false) });
  };
  return (
    <Stack gap="m">
      <Txt tone="quiet">{words.tapWhereSomethingIs}</Txt>
      <BodyOutline
        marks={marks}
        onPick={({ limits: choices, side }) => {
          const known = limits.find(
            ({ fields }) => choices.some((choice) => choice === fields.limit) && [side, 'both'].includes(fields.side),
          );
          const [first] = choices;
          if (known) edit(known.id, known.fields);
          else if (first) setOpen({ id: newId(), given: freshLimit(first, side, today), choices, isKnown: false });
        }}
      />
      {limits.map(({ id, fields }) => {
        const days = daysBetween(fields.askedOn, today);
        const isOld = days > (isSore(fields.limit) ? ASK_AGAIN_DAYS.sore : ASK_AGAIN_DAYS.state);
        return (
          <Card key={id} edge={isOld ? 'saffron' : 'clay'}>
            <Row gap="s">
              <View style={styles.grow}>
                <Txt kind="bold">
                  {LIMIT_LABELS[fields.limit]}
                  {fields.side === 'both' ? '' : `, ${BODY_SIDE_LABELS[fields.side]}`}
                </Txt>
                <Txt kind="small" tone={isOld ? 'saffron' : 'quiet'}>
                  {fields.severity === null ? '' : words.of10WithSeverity(fields.severity)}
                  {isOld ? words.askedDayAgoAsk(days) : days === 0 ? words.askedToday : words.askedDayAgo(days)}
                  {fields.diagnosed ? words.namedByAClinician : ''}
                </Txt>
              </View>
              <Button
                label={common.change}
                says={words.changeTheLimit(LIMIT_LABELS[fields.limit])}
                onPress={() => edit(id, fields)}
              />
            </Row>
            <LimitHistory personId={detail.person.id} recordId={id} />
          </Card>
        );
      })}
      {isOther ? (
        <Wrap gap="s">
          {OTHERS.map((limit) => (
            <Button
              key={limit}
              label={LIMIT_LABELS[limit]}
              onPress={() => {
                setOther(false);
                setOpen({ id: newId(), given: freshLimit(limit, 'both', today), choices: [limit], isKnown: false });
              }}
            />
          ))}
        </Wrap>
      ) : (
        <Button label={words.somethingElse} says={words.aLimitWithoutA} onPress={() => setOther(true)} />
      )}
      {open && (
        <LimitDialog
          {...open}
          today={today}
          problem={writer.problem}
          isBusy={writer.isBusy}
          onSave={(limit) => void save(limit)}
          onGone={() => void takeAway(open)}
          onClose={close}
        />
      )}
    </Stack>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
