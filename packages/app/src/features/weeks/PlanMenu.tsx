import { useState } from 'react';
import { weekAt } from '@drubo/core/weeks';
import { formatShortDay } from '@drubo/words/dates';
import { weeksWords } from '@drubo/words/screens/weeks';
import { useSnack } from '../../frame/SnackProvider';
import { Button } from '../../ui/Button';
import { Confirm } from '../../ui/Confirm';
import { Stack } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import type { Weeks } from './use-weeks';
import { AddDayDialog } from './AddDayDialog';
import { AwayDialog } from './AwayDialog';
import { BeginDialog } from './BeginDialog';
import { OtherDaysDialog } from './OtherDaysDialog';

const words = weeksWords.menu;

type Opened = 'menu' | 'added' | 'away' | 'days' | 'lighter' | 'begin' | 'end';

/** Everything that can be done to a plan as a whole. */
export const PlanMenu = ({ weeks, onClose }: { weeks: Weeks; onClose(): void }) => {
  const snack = useSnack();
  const [open, setOpen] = useState<Opened>('menu');
  const { writer, kept, detail } = weeks;
  if (open === 'added') return <AddDayDialog weeks={weeks} onClose={onClose} />;
  if (open === 'away') return <AwayDialog weeks={weeks} onClose={onClose} />;
  if (open === 'days') return <OtherDaysDialog weeks={weeks} onClose={onClose} />;
  if (open === 'begin') return <BeginDialog detail={detail} writer={writer} onClose={onClose} />;
  if (open === 'lighter') return <LighterDialog weeks={weeks} onClose={onClose} />;
  if (open === 'end') {
    const end = async () => {
      if (await writer.end(kept.version)) snack({ text: weeksWords.ended, undo: () => void writer.undo(kept.version + 1) });
      onClose();
    };
    return <Confirm title={words.endTitle} text={words.endText} yes={words.endYes} onYes={() => void end()} onNo={onClose} />;
  }
  return (
    <Modal title={words.change} onClose={onClose} closes={words.close}>
      <Stack gap="s">
        <Button label={words.added} onPress={() => setOpen('added')} />
        <Button label={words.away} onPress={() => setOpen('away')} />
        <Button label={words.days} onPress={() => setOpen('days')} />
        <Button label={words.lighter} onPress={() => setOpen('lighter')} />
        <Button label={words.newBlock} onPress={() => setOpen('begin')} />
        <Button look="danger" label={words.end} onPress={() => setOpen('end')} />
      </Stack>
    </Modal>
  );
};

/** A lighter week by the trainer's own hand. */
const LighterDialog = ({ weeks, onClose }: { weeks: Weeks; onClose(): void }) => {
  const { plan, today } = weeks;
  const from = weekAt(plan.block, today)?.index ?? 0;
  const open = plan.block.weeks.filter(({ index, kind }) => index >= from && kind === 'loading');
  return (
    <Modal title={words.lighter} onClose={onClose} closes={words.close}>
      <Stack gap="s">
        {open.length === 0 && <Txt tone="quiet">{weeksWords.follow.none}</Txt>}
        {open.map(({ index, start }) => (
          <Button
            key={index}
            label={weeksWords.week.weekOf(index + 1, plan.block.weeks.length, formatShortDay(start), formatShortDay(start + 6))}
            disabled={!weeks.writer.isReady}
            onPress={() => {
              void weeks.edit({ kind: 'lighter', index, why: [] });
              onClose();
            }}
          />
        ))}
      </Stack>
    </Modal>
  );
};
