import { useMemo, useState } from 'react';
import { contentOfSheet } from '@drubo/contracts';
import { isHardKind } from '@drubo/core';
import { freeSlot } from '@drubo/core/composing';
import { thingsOf, withoutTaken } from '@drubo/core/live';
import { useComposing } from '../../data/use-composing';
import { Chip } from '../../ui/Chip';
import { Stack, Wrap } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { InsteadList } from '../../parts/sheet/InsteadList';
import type { Exercise, FloorDetail } from './floor';
import { takenLabel } from './taken-words';
import type { Live } from './use-live';
import { common } from '@drubo/words/screens/common';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.kitTakenDialog;

/** What stands in for an exercise whose kit is taken: the nearest that needs none of it, dosed; one tap takes it. */
export const KitTakenDialog = ({
  live,
  exercise,
  detail,
  onClose,
}: {
  live: Pick<Live, 'swap'>;
  exercise: Exercise;
  detail: FloorDetail;
  onClose(): void;
}) => {
  const { item, variation, done } = exercise;
  const { input } = useComposing(detail.sheet);
  const things = useMemo(() => thingsOf(variation, item, input?.context.room ?? new Set()), [variation, item, input]);
  const [free, setFree] = useState<readonly string[]>([]);
  const left = useMemo(
    () =>
      input &&
      withoutTaken(
        input,
        things.filter(({ id }) => !free.includes(id)),
      ),
    [input, things, free],
  );
  const content = contentOfSheet(detail.sheet);
  const setsDone = new Set(done.filter(({ kind }) => isHardKind(kind)).map(({ setIndex }) => setIndex)).size;
  const setsLeft = Math.max(1, item.dose.sets - setsDone);
  return (
    <Modal title={words.kitTaken} onClose={onClose} closes={common.close}>
      {things.length > 0 && (
        <Stack gap="xs" role="group" aria-label={words.taken}>
          <Txt kind="small" tone="quiet">
            {words.takenTapWhatIs}
          </Txt>
          <Wrap gap="s">
            {things.map((thing) => (
              <Chip
                key={thing.id}
                label={takenLabel(thing)}
                chosen={!free.includes(thing.id)}
                onPress={() =>
                  setFree(free.includes(thing.id) ? free.filter((other) => other !== thing.id) : [...free, thing.id])
                }
              />
            ))}
          </Wrap>
        </Stack>
      )}
      <InsteadList
        item={item}
        variation={variation}
        content={content}
        input={left}
        noHarder
        onSwap={(made, said) => {
          const dose = { ...made.dose, sets: setsLeft };
          void live.swap(item.id, { ...made, blockId: item.blockId, dose, slot: freeSlot(content, item.slot) }, 'kit', said);
          onClose();
        }}
      />
    </Modal>
  );
};
