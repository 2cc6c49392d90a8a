import { useState } from 'react';
import type { SheetDto, SheetItemDto } from '@drubo/contracts';
import { isSameDose, loadsForVariation } from '@drubo/core';
import type { Dose } from '@drubo/core';
import type { Variation } from '@drubo/core/catalogue';
import type { MethodId } from '@drubo/core/vocabulary';
import { sheetAggregate } from '../../data/offline/overlay';
import { useWriter } from '../../data/offline/QueueProvider';
import { Button } from '../../ui/Button';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { useSnack } from '../shell/SnackProvider';
import { DoseEditor } from './DoseEditor';
import { lastTimeLine } from './last-time';
import { MethodChoice } from './MethodChoice';

/** Changes an exercise's numbers before the session. The proposal stays beside the change and can be taken back. */
export const EditItem = ({
  sheet,
  item,
  variation,
  onClose,
}: {
  sheet: SheetDto;
  item: SheetItemDto;
  variation: Variation;
  onClose(): void;
}) => {
  const writer = useWriter();
  const snack = useSnack();
  const [dose, setDose] = useState<Dose>(item.dose);
  const [method, setMethod] = useState<MethodId>(item.method);
  const send = (next: Dose, chosen: MethodId, version: number) =>
    writer.log({
      endpointId: 'editSheetItem',
      params: { sheetId: sheet.id, itemId: item.id },
      body: { version, dose: next, ...(chosen === item.method && method === item.method ? {} : { method: chosen }) },
      aggregate: sheetAggregate(sheet.id),
    });
  const save = async () => {
    if (!isSameDose(dose, item.dose) || method !== item.method) {
      await send(dose, method, sheet.version);
      snack({ text: `${variation.name} changed.`, undo: () => void send(item.dose, item.method, sheet.version + 1) });
    }
    onClose();
  };
  return (
    <Modal
      title={variation.name}
      onClose={onClose}
      actions={
        <>
          <Button label="Cancel" onPress={onClose} />
          {!isSameDose(dose, item.proposed) && <Button label="As proposed" onPress={() => setDose(item.proposed)} />}
          <Button look="main" label="Save" disabled={!writer.isReady} onPress={() => void save()} />
        </>
      }
    >
      {item.lastTime && (
        <Txt kind="small" tone="quiet">
          Last time, {lastTimeLine(item.lastTime, variation.stance)}
        </Txt>
      )}
      <DoseEditor
        dose={dose}
        variation={variation}
        loads={loadsForVariation(sheet.kit, variation, item.values)}
        onChange={setDose}
        why={item.why}
      />
      <MethodChoice variation={variation} value={method} onChange={setMethod} />
    </Modal>
  );
};
