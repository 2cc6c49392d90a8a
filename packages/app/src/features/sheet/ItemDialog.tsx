import { useState } from 'react';
import { View } from 'react-native';
import type { SheetDto, SheetItemDto } from '@drubo/contracts';
import { allowedLoads, isSameDose } from '@drubo/core';
import type { Variation } from '@drubo/core/catalogue';
import { moveItem, pairWithNext, removeItem, replaceItem, setRole, setRoundRest, unpair } from '@drubo/core/composing';
import type { Content, SheetInput } from '@drubo/core/composing';
import { formatRest, inSentence, ROLE_HEADINGS } from '@drubo/words/explain';
import { ROLES } from '@drubo/core/vocabulary';
import { withArrangement, withValues } from '@drubo/core/sheet-editing';
import type { DraftItem, DraftSheet } from '@drubo/core/sheet-editing';
import { Figure } from '../../figures/Figure';
import { heldIn } from '../../figures/held';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { Row, Stack, Wrap } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Stepper } from '../../ui/Stepper';
import { Txt } from '../../ui/Txt';
import { useExplain } from '../../ui/Why';
import { LeverPanel } from '../../parts/moves/LeverPanel';
import { closedHere } from './closed-here';
import { DoseEditor } from '../../parts/sheet/DoseEditor';
import { InsteadList } from '../../parts/sheet/InsteadList';
import { lastTimeLine } from '../../parts/sheet/last-time';
import { MethodChoice } from './MethodChoice';

const TABS = [
  { value: 'numbers', label: 'Numbers' },
  { value: 'settings', label: 'Settings' },
  { value: 'instead', label: 'Instead' },
  { value: 'place', label: 'Place' },
] as const;
type Tab = (typeof TABS)[number]['value'];

const REST_STEP_SECONDS = 15;
/** The wire takes no more. */
const MOST_REST_SECONDS = 900;

/** One exercise of the sheet to be changed: its numbers, settings, what to do instead, and where it stands. */
export const ItemDialog = ({
  sheet,
  item,
  variation,
  content,
  input,
  onChange,
  onKnows,
  onClose,
}: {
  sheet: SheetDto;
  item: SheetItemDto;
  variation: Variation;
  content: DraftSheet;
  input: SheetInput | undefined;
  onChange(next: DraftSheet, said: string): void;
  /** Somebody is known to lift it: asked for, and the dialog makes room. */
  onKnows(): void;
  onClose(): void;
}) => {
  const own = content.items.find(({ id }) => id === item.id);
  const explain = useExplain();
  const [tab, setTab] = useState<Tab>('numbers');
  const [draft, setDraft] = useState<DraftItem | undefined>(own);
  if (!draft) return null;
  const { dose, values } = draft;
  const role = content.blocks.find(({ id }) => id === item.blockId)?.role ?? 'main';
  const isMoved = JSON.stringify(draft) !== JSON.stringify(own);
  const save = (): void => {
    if (isMoved) onChange(withArrangement(content, replaceItem(content, item.id, draft)), `${variation.name} changed.`);
    onClose();
  };
  return (
    <Modal
      title={variation.name}
      onClose={onClose}
      actions={
        tab === 'numbers' || tab === 'settings' ? (
          <>
            <Button label="Cancel" onPress={onClose} />
            {!isSameDose(dose, item.proposed) && (
              <Button label="As proposed" onPress={() => setDraft({ ...draft, dose: item.proposed })} />
            )}
            <Button look="main" label="Save" onPress={save} />
          </>
        ) : (
          <Button label="Close" onPress={onClose} />
        )
      }
    >
      <Choices<Tab> label="What to change" options={TABS} value={tab} onChange={setTab} />
      {tab === 'numbers' && (
        <>
          {item.lastTime && (
            <Txt kind="small" tone="quiet">
              Last time, {lastTimeLine(item.lastTime, variation.stance, role)}
            </Txt>
          )}
          <DoseEditor
            dose={dose}
            role={role}
            variation={variation}
            loads={allowedLoads(sheet.kit, sheet.limits, variation, values)}
            onChange={(next) => setDraft({ ...draft, dose: next })}
            why={item.why}
          />
          <MethodChoice
            variation={variation}
            value={draft.method}
            onChange={(method) => setDraft({ ...draft, method, methodChosen: true })}
          />
          {variation.seconds === null && (
            <Button label="Knows this lift" says={`${sheet.personName} knows this lift: say how much`} onPress={onKnows} />
          )}
        </>
      )}
      {tab === 'settings' && (
        <>
          <View style={{ alignItems: 'center' }}>
            <Figure variation={variation} depth={0.9} values={values} width={200} height={150} held={heldIn(dose.load)} />
          </View>
          {variation.levers.length === 0 && <Txt tone="quiet">This movement has no settings.</Txt>}
          <LeverPanel
            variation={variation}
            values={values}
            onChange={(next) => setDraft(withValues(sheet, variation, draft, next))}
            closed={closedHere(variation, input, explain)}
          />
        </>
      )}
      {tab === 'instead' && (
        <InsteadList
          item={item}
          variation={variation}
          content={content}
          input={input}
          onSwap={(made, said) => {
            onChange(withArrangement(content, replaceItem(content, item.id, { ...made, id: item.id })), said);
            onClose();
          }}
        />
      )}
      {tab === 'place' && (
        <PlaceTab
          item={item}
          name={variation.name}
          content={content}
          onMove={(next, said) => {
            onChange(withArrangement(content, next), said);
            onClose();
          }}
        />
      )}
    </Modal>
  );
};

/** Where an exercise stands: its stretch, up and down, in turn with the next, off the sheet. */
const PlaceTab = ({
  item,
  name,
  content,
  onMove,
}: {
  item: SheetItemDto;
  name: string;
  content: DraftSheet;
  onMove(next: Content<DraftItem>, said: string): void;
}) => {
  const block = content.blocks.find(({ id }) => id === item.blockId);
  const inTurn = block?.kind === 'rounds';
  const up = moveItem<DraftItem>(content, item.id, -1);
  const down = moveItem<DraftItem>(content, item.id, 1);
  const paired = pairWithNext<DraftItem>(content, item.id);
  const rest = block?.roundRestSeconds ?? 0;
  const step = (by: number) => () => onMove(setRoundRest(content, item.id, rest + by * REST_STEP_SECONDS), 'Rest changed.');
  return (
    <Stack gap="m">
      <Choices
        label="Stretch"
        options={ROLES.map((role) => ({ value: role, label: ROLE_HEADINGS[role] }))}
        value={block?.role ?? 'main'}
        onChange={(role) => onMove(setRole(content, item.id, role), `${name} moved to ${inSentence(ROLE_HEADINGS[role])}.`)}
      />
      <Wrap gap="s">
        <Button icon="up" label="Up" disabled={!up} onPress={() => up && onMove(up, `${name} moved up.`)} />
        <Button icon="down" label="Down" disabled={!down} onPress={() => down && onMove(down, `${name} moved down.`)} />
        <Button
          label="In turn with the next"
          disabled={!paired}
          onPress={() => paired && onMove(paired, `${name} goes in turn with the next.`)}
        />
        {inTurn && <Button label="By itself" onPress={() => onMove(unpair(content, item.id), `${name} goes by itself.`)} />}
      </Wrap>
      {inTurn && (
        <Row align="stretch">
          <Stepper
            label="Rest after each round"
            value={`${formatRest(rest)} min`}
            onDown={rest >= REST_STEP_SECONDS ? step(-1) : null}
            onUp={rest <= MOST_REST_SECONDS - REST_STEP_SECONDS ? step(1) : null}
          />
        </Row>
      )}
      <Button
        look="danger"
        label="Take it off the sheet"
        onPress={() => onMove(removeItem(content, item.id), `${name} is off the sheet.`)}
      />
    </Stack>
  );
};
