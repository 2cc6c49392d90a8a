import { useEffect, useMemo, useState } from 'react';
import type { ComposingDto } from '@drubo/contracts';
import type { Composition } from '@drubo/core/composing';
import { INTENT_LABELS, SHAPE_LABELS, SHAPE_WORDS, SPLIT_LABELS } from '@drubo/words/explain';
import { INTENTS, SESSION_SHAPES, SPLIT_DAYS } from '@drubo/core/vocabulary';
import { sheetOfComposition } from '@drubo/core/sheet-editing';
import type { DraftSheet } from '@drubo/core/sheet-editing';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { Row, Stack } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Stepper } from '../../ui/Stepper';
import { Heading, Txt } from '../../ui/Txt';
import { ReasonList } from '../../ui/Why';
import { askComposer } from '../../workers/ask-composer';
import { ChangeList, changeLines } from '../../parts/sheet/ChangeList';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.shapeDialog;

const MINUTES = { step: 5, least: 5, most: 180 } as const;

type Ask = Pick<DraftSheet, 'shape' | 'intent' | 'splitDay' | 'minutesBudget' | 'kitId'>;

/** Composes for the question at hand; a newer question makes an older answer void. */
const useComposed = (from: ComposingDto, ask: Ask): { made: Composition | null; problem: string | null } => {
  const [state, setState] = useState<{ key: string; made: Composition | null; problem: string | null }>({
    key: '',
    made: null,
    problem: null,
  });
  const key = JSON.stringify(ask);
  useEffect(() => {
    let isOld = false;
    const { shape, intent, splitDay, minutesBudget, kitId } = JSON.parse(key) as Ask;
    askComposer({ from, kitId, wish: { shape, intent, minutes: minutesBudget, ...(splitDay ? { splitDay } : {}) } }).then(
      (made) => !isOld && setState({ key, made, problem: null }),
      (error: unknown) =>
        !isOld && setState({ key, made: null, problem: error instanceof Error ? error.message : words.itCouldNotBe }),
    );
    return () => {
      isOld = true;
    };
  }, [from, key]);
  return state.key === key ? state : { made: null, problem: null };
};

/** Another shape, place or number of minutes: what the sheet would become, to be taken or not. */
export const ShapeDialog = ({
  content,
  from,
  start,
  onTake,
  onClose,
}: {
  content: DraftSheet;
  from: ComposingDto;
  /** Minutes to begin with, where somebody asked for fewer. */
  start?: number;
  onTake(next: DraftSheet, said: string): void;
  onClose(): void;
}) => {
  const [ask, setAsk] = useState<Ask>(() => {
    const { shape, intent, splitDay, minutesBudget, kitId } = content;
    return { shape, intent, splitDay, minutesBudget: start ?? minutesBudget, kitId };
  });
  const { made, problem } = useComposed(from, ask);
  const usual = from.places[0]?.kit.id ?? null;
  const next = useMemo(() => made && sheetOfComposition(content, made, ask), [content, made, ask]);
  const lines = next ? changeLines(content, next, (id) => from.places.find(({ kit }) => kit.id === (id ?? usual))?.kit.name) : [];
  const minutes = ask.minutesBudget;
  const step = (by: number) => setAsk({ ...ask, minutesBudget: minutes + by * MINUTES.step });
  return (
    <Modal
      title={words.shapeMinutesPlace}
      onClose={onClose}
      closes={words.keepAsItIs}
      actions={
        <Button
          look="main"
          label={words.takeIt}
          disabled={!next || next.items.length === 0 || lines.length === 0}
          onPress={() => next && onTake(next, words.sheetComposedAnew)}
        />
      }
    >
      <Row align="stretch">
        <Stepper
          label={words.minutes}
          value={words.min(minutes)}
          onDown={minutes - MINUTES.step >= MINUTES.least ? () => step(-1) : null}
          onUp={minutes + MINUTES.step <= MINUTES.most ? () => step(1) : null}
        />
      </Row>
      {from.places.length > 1 && (
        <Choices
          label={words.place}
          options={from.places.map(({ kit }) => ({ value: kit.id, label: kit.name }))}
          value={ask.kitId ?? usual ?? ''}
          onChange={(kitId) => setAsk({ ...ask, kitId: kitId === usual ? null : kitId })}
        />
      )}
      <Choices
        label={words.shape}
        options={SESSION_SHAPES.map((value) => ({ value, label: SHAPE_LABELS[value] }))}
        value={ask.shape}
        onChange={(shape) => setAsk({ ...ask, shape, splitDay: shape === 'two-day-split' ? (ask.splitDay ?? 'a') : null })}
      />
      <Txt kind="small" tone="quiet">
        {SHAPE_WORDS[ask.shape]}
      </Txt>
      {ask.shape === 'two-day-split' && (
        <Choices
          label={words.day}
          options={SPLIT_DAYS.map((value) => ({ value, label: SPLIT_LABELS[value] }))}
          value={ask.splitDay}
          onChange={(splitDay) => setAsk({ ...ask, splitDay })}
        />
      )}
      <Choices
        label={words.today}
        options={INTENTS.map((value) => ({ value, label: INTENT_LABELS[value] }))}
        value={ask.intent}
        onChange={(intent) => setAsk({ ...ask, intent })}
      />
      <Stack gap="s" aria-live="polite">
        <Heading level={3}>{words.whatWouldChange}</Heading>
        {problem && <Txt tone="clay">{problem}</Txt>}
        {!made && !problem && <Txt tone="quiet">{words.composing}</Txt>}
        {made && next && next.items.length > 0 && (
          <>
            <Txt>{words.ofMin(made.minutes, minutes, made.items.length)}</Txt>
            <ChangeList lines={lines} />
          </>
        )}
        {made && (made.gaveUp.length > 0 || made.left.length > 0) && (
          <ReasonList reasons={[...made.left.flatMap(({ reasons }) => reasons), ...made.gaveUp]} />
        )}
      </Stack>
    </Modal>
  );
};
