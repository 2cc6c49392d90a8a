import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Row } from '../../ui/layout';
import type { Exercise, FloorDetail } from './floor';
import { KitTakenDialog } from './KitTakenDialog';
import { PainStopDialog } from './PainStopDialog';
import { TimeDialog } from './TimeDialog';
import type { Live } from './use-live';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.escapeRow;

/** The three escapes, always at hand and each two taps to a done deed: kit taken, short of time, stop for pain. */
export const EscapeRow = ({
  live,
  exercise,
  detail,
}: {
  live: Pick<Live, 'changeDay' | 'exercises' | 'pad' | 'slot' | 'stopForPain' | 'swap'>;
  exercise: Exercise;
  detail: FloorDetail;
}) => {
  const [open, setOpen] = useState<'kit' | 'time' | 'pain' | null>(null);
  const close = () => setOpen(null);
  return (
    <Row gap="s" align="stretch">
      <Button grow label={words.kitTaken} disabled={!exercise.isOpen} onPress={() => setOpen('kit')} />
      <Button grow label={words.shortOfTime} onPress={() => setOpen('time')} />
      <Button grow look="danger" label={words.stopPain} disabled={!live.slot} onPress={() => setOpen('pain')} />
      {open === 'kit' && <KitTakenDialog live={live} exercise={exercise} detail={detail} onClose={close} />}
      {open === 'time' && <TimeDialog live={live} detail={detail} onClose={close} />}
      {open === 'pain' && <PainStopDialog live={live} exercise={exercise} onClose={close} />}
    </Row>
  );
};
