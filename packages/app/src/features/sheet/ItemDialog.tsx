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
import { common } from '@drubo/words/screens/common';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.itemDialog;

const TABS = [
  { value: 'numbers', label: words.numbers },
  { value: 'settings', label: words.settings },
  { value: 'instead', label: words.instead },
  { value: 'place', label: words.place },
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
    if (isMoved) onChange(withArrangement(content, replaceItem(content, item.id, draft)), words.changed(variation.name));
    onClose();
  };
  return (
    <Modal
      title={variation.name}
      onClose={onClose}
      actions={
        tab === 'numbers' || tab === 'settings' ? (
          <>
            <Button label={common.cancel} onPress={onClose} />
            {!isSameDose(dose, item.proposed) && (
              <Button label={words.asProposed} onPress={() => setDraft({ ...draft, dose: item.proposed })} />
            )}
            <Button look="main" label={words.save} onPress={save} />
          </>
        ) : (
          <Button label={common.close} onPress={onClose} />
        )
      }
    >
      <Choices<Tab> label={words.whatToChange} options={TABS} value={tab} onChange={setTab} />
      {tab === 'numbers' && (
        <>
          {item.lastTime && (
            <Txt kind="small" tone="quiet">
              {words.lastTime(lastTimeLine(item.lastTime, variation.stance, role))}
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
            <Button label={words.knowsThisLift} says={words.knowsThisLiftSay(sheet.personName)} onPress={onKnows} />
          )}
        </>
      )}
      {tab === 'settings' && (
        <>
          <View style={{ alignItems: 'center' }}>
            <Figure variation={variation} depth={0.9} values={values} width={200} height={150} held={heldIn(dose.load)} />
          </View>
          {variation.levers.length === 0 && <Txt tone="quiet">{words.thisMovementHasNo}</Txt>}
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
  const step = (by: number) => () => onMove(setRoundRest(content, item.id, rest + by * REST_STEP_SECONDS), words.restChanged);
  return (
    <Stack gap="m">
      <Choices
        label={words.stretch}
        options={ROLES.map((role) => ({ value: role, label: ROLE_HEADINGS[role] }))}
        value={block?.role ?? 'main'}
        onChange={(role) => onMove(setRole(content, item.id, role), words.movedTo(name, inSentence(ROLE_HEADINGS[role])))}
      />
      <Wrap gap="s">
        <Button icon="up" label={words.up} disabled={!up} onPress={() => up && onMove(up, words.movedUp(name))} />
        <Button icon="down" label={words.down} disabled={!down} onPress={() => down && onMove(down, words.movedDown(name))} />
        <Button
          label={words.inTurnWithThe}
          disabled={!paired}
          onPress={() => paired && onMove(paired, words.goesInTurnWith(name))}
        />
        {inTurn && <Button label={words.byItself} onPress={() => onMove(unpair(content, item.id), words.goesByItself(name))} />}
      </Wrap>
      {inTurn && (
        <Row align="stretch">
          <Stepper
            label={words.restAfterEachRound}
            value={words.min(formatRest(rest))}
            onDown={rest >= REST_STEP_SECONDS ? step(-1) : null}
            onUp={rest <= MOST_REST_SECONDS - REST_STEP_SECONDS ? step(1) : null}
          />
        </Row>
      )}
      <Button
        look="danger"
        label={words.takeItOffThe}
        onPress={() => onMove(removeItem(content, item.id), words.isOffTheSheet(name))}
      />
    </Stack>
  );
};
