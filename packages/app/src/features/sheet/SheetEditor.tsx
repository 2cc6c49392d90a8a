import type { ItemId } from '@drubo/core/vocabulary';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import type { SheetDto, TemplateDto } from '@drubo/contracts';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { addItem, moveItem, pairWithNext, removeItem, unpair } from '@drubo/core/composing';
import type { Content, Warning } from '@drubo/core/composing';
import { reason } from '@drubo/core/vocabulary';
import { adaptTo, applyFix, sumsOf, withArrangement, withCoolDown } from '@drubo/core/sheet-editing';
import type { Adapted, DraftItem, DraftSheet } from '@drubo/core/sheet-editing';
import { useWriter } from '../../data/offline/QueueProvider';
import { sheetAggregate } from '../../data/offline/lines';
import { problemOf } from '../../data/refusal';
import { useComposing } from '../../data/use-composing';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Confirm } from '../../ui/Confirm';
import { Wrap } from '../../ui/layout';
import { Empty } from '../../ui/states';
import { Modal } from '../../ui/Modal';
import { ReasonList } from '../../ui/Why';
import { useSnack } from '../../frame/SnackProvider';
import { useWide } from '../../frame/use-wide';
import { AddDialog } from '../../parts/sheet/AddDialog';
import { CopyDialog } from './CopyDialog';
import { ItemDialog } from './ItemDialog';
import { KnowsLift } from '../../parts/lifts/KnowsLift';
import { OfferDialog } from './OfferDialog';
import { OfferFromElsewhere } from './OfferFromElsewhere';
import { ShapeDialog } from './ShapeDialog';
import { SheetBody } from './SheetBody';
import { SheetMenu } from './SheetMenu';
import type { MenuChoice } from './SheetMenu';
import { SheetSummary } from './SheetSummary';
import { TemplatesDialog } from './TemplatesDialog';
import { TextDialog } from './TextDialog';
import type { Editor } from './use-editor';
import { useSheetKeys } from './use-sheet-keys';
import type { SheetKeys } from './use-sheet-keys';
import { WarningList } from './WarningList';
import { common } from '@drubo/words/screens/common';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.sheetEditor;

type Open =
  | { what: 'item'; itemId: ItemId }
  | { what: 'why'; itemId: ItemId }
  | { what: 'lift'; variationId: string }
  | { what: 'shape' | 'add' | 'templates' | 'copy' | 'text' | 'blank' | 'remove-copy' }
  | { what: 'offer'; title: string; offer: Adapted };

/** The sheet with everything that changes it. */
export const SheetEditor = ({ sheet, editor, canEdit }: { sheet: SheetDto; editor: Editor; canEdit: boolean }) => {
  const router = useRouter();
  const writer = useWriter();
  const snack = useSnack();
  const { isWide } = useWide();
  const { content } = editor;
  const { from, input } = useComposing(sheet);
  const [open, setOpen] = useState<Open | null>(null);
  const [isArranging, setArranging] = useState(false);
  const [chosenId, setChosen] = useState<string | null>(null);
  const sums = useMemo(
    () => sumsOf(builtInCatalogue, sheet, content, canEdit ? input : undefined),
    [sheet, content, canEdit, input],
  );
  const close = () => setOpen(null);
  const change = (next: DraftSheet, said: string): void => {
    editor.change(next);
    snack({ text: said });
  };
  const fix = (warning: Warning): void => {
    if (warning.fix.kind === 're-fit') return setOpen({ what: 'shape' });
    const next = input && applyFix(content, warning.fix, input);
    if (next) change(next, words.putRight);
    else snack({ text: words.nothingHereWouldPut });
  };
  const use = (template: TemplateDto): void => {
    if (!input) return;
    const offer = adaptTo(input, content, template, [reason('from-template', { name: template.name }, 'trainer')]);
    setOpen({ what: 'offer', title: words.from(template.name), offer });
  };
  const coolDown = (): void => {
    const next = input && withCoolDown(input, content);
    if (next) change(next, words.coolDownAdded(next.items.length - content.items.length));
    else snack({ text: words.noCoolDown });
  };
  const choose = (choice: MenuChoice): void => (choice === 'cool-down' ? coolDown() : setOpen({ what: choice }));
  const removeCopy = async () => {
    close();
    try {
      await writer.save({
        endpointId: 'removeCopy',
        params: { sheetId: sheet.id },
        body: {},
        aggregate: sheetAggregate(sheet.id),
      });
      router.replace(`/people/${sheet.personId}`);
    } catch (error) {
      snack({ text: problemOf(error) });
    }
  };
  const chosen = content.items.find(({ id }) => id === chosenId);
  const nameOf = (item: DraftItem) => getVariation(builtInCatalogue, item.variationId).name;
  const arrange = (next: Content<DraftItem> | null, said: string): void => {
    if (next) change(withArrangement(content, next), said);
  };
  const keys: SheetKeys = {
    line: (by) => {
      const at = content.items.findIndex(({ id }) => id === chosenId);
      const next = content.items[at === -1 ? (by === 1 ? 0 : content.items.length - 1) : at + by];
      if (next) setChosen(next.id);
    },
    edit: () => chosen && setOpen({ what: 'item', itemId: chosen.id }),
    why: () => chosen && setOpen({ what: 'why', itemId: chosen.id }),
    move: (by) => chosen && arrange(moveItem<DraftItem>(content, chosen.id, by), words.moved(nameOf(chosen))),
    pair: () => {
      if (!chosen) return;
      const isInTurn = content.blocks.find(({ id }) => id === chosen.blockId)?.kind === 'rounds';
      if (isInTurn) arrange(unpair<DraftItem>(content, chosen.id), words.goesByItself(nameOf(chosen)));
      else arrange(pairWithNext<DraftItem>(content, chosen.id), words.goesInTurnWith(nameOf(chosen)));
    },
    remove: () => chosen && arrange(removeItem<DraftItem>(content, chosen.id), words.isOffTheSheet(nameOf(chosen))),
    add: () => input && setOpen({ what: 'add' }),
    undo: () => editor.undo?.(),
    redo: () => editor.redo?.(),
  };
  useSheetKeys(keys, canEdit);
  const item = open?.what === 'item' || open?.what === 'why' ? sheet.items.find(({ id }) => id === open.itemId) : undefined;
  return (
    <>
      <SheetSummary sums={sums} budget={sheet.minutesBudget} shape={content.shape} />
      <WarningList warnings={sums.warnings} onFix={fix} />
      {sheet.gaveUp.length > 0 && canEdit && (
        <Card edge="saffron">
          <ReasonList reasons={sheet.gaveUp} />
        </Card>
      )}
      {canEdit && (
        <Wrap gap="s">
          <Button
            grow
            label={words.shape}
            says={words.shapeMinutesPlace}
            disabled={!from}
            onPress={() => setOpen({ what: 'shape' })}
          />
          <Button
            grow
            label={common.add}
            says={common.addAnExercise}
            disabled={!input}
            onPress={() => setOpen({ what: 'add' })}
          />
          <Button grow label={isArranging ? common.done : words.arrange} onPress={() => setArranging(!isArranging)} />
          <SheetMenu isCopy={sheet.state === 'later'} onChoose={choose} />
        </Wrap>
      )}
      {sheet.items.length === 0 && (
        <Empty
          title={words.nothingOnThisSheet}
          text={
            sheet.care.state === 'see-clinician-first'
              ? words.aClinicianHasTo
              : sheet.isShaped
                ? words.addAnExerciseUse
                : words.nothingIsOpenFor
          }
        />
      )}
      <SheetBody
        sheet={sheet}
        content={content}
        isArranging={isArranging && canEdit}
        chosenId={chosenId}
        isWide={isWide}
        onOpen={
          canEdit
            ? (itemId) => {
                setChosen(itemId);
                setOpen({ what: 'item', itemId });
              }
            : null
        }
        onChange={change}
      />
      {open?.what === 'item' && item && (
        <ItemDialog
          sheet={sheet}
          item={item}
          variation={getVariation(builtInCatalogue, item.variationId)}
          content={content}
          input={input}
          onChange={change}
          onKnows={() => setOpen({ what: 'lift', variationId: item.variationId })}
          onClose={close}
        />
      )}
      {open?.what === 'lift' && <KnowsLift personId={sheet.personId} variationId={open.variationId} onClose={close} />}
      {open?.what === 'why' && item && (
        <Modal
          title={words.why(getVariation(builtInCatalogue, item.variationId).name)}
          onClose={close}
          actions={<Button label={common.close} onPress={close} />}
        >
          <ReasonList reasons={[...item.chosenWhy, ...item.why.load]} />
        </Modal>
      )}
      {open?.what === 'shape' && from && (
        <ShapeDialog
          content={content}
          from={from}
          onTake={(next, said) => {
            change(next, said);
            close();
          }}
          onClose={close}
        />
      )}
      {open?.what === 'add' && input && (
        <AddDialog
          content={content}
          input={input}
          onAdd={(added, role, said) => change(withArrangement(content, addItem(content, added, role)), said)}
          onClose={close}
        />
      )}
      {open?.what === 'templates' && <TemplatesDialog content={content} onUse={use} onClose={close} />}
      {open?.what === 'copy' && <CopyDialog sheet={sheet} onClose={close} />}
      {open?.what === 'text' && <TextDialog sheet={sheet} minutes={sums.minutes} onClose={close} />}
      {open?.what === 'blank' && (
        <Confirm
          title={words.startFromBlank}
          text={words.everyExerciseLeavesThe}
          yes={words.emptyIt}
          onYes={() => {
            change({ ...content, blocks: [], items: [] }, words.theSheetIsEmpty);
            close();
          }}
          onNo={close}
        />
      )}
      {open?.what === 'remove-copy' && (
        <Confirm
          title={words.takeThisCopyAway}
          text={words.theCopyIsGone}
          yes={words.takeItAway}
          onYes={() => void removeCopy()}
          onNo={close}
        />
      )}
      {open?.what === 'offer' && (
        <OfferDialog
          title={open.title}
          before={content}
          offer={open.offer}
          onTake={(next) => {
            change(next, words.taken);
            close();
          }}
          onClose={close}
        />
      )}
      {canEdit && <OfferFromElsewhere sheet={sheet} content={content} onTake={(next) => change(next, words.copied)} />}
    </>
  );
};
