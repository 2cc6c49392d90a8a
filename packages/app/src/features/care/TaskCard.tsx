import { useState } from 'react';
import { StyleSheet } from 'react-native';
import type { Segments } from '@drubo/core';
import { getVariation, builtInCatalogue } from '@drubo/core/catalogue';
import { BODY_SIDE_LABELS, FAULT_LABELS, LIMIT_LABELS, TASK_WORDS } from '@drubo/words/explain';
import type { ScreeningTask, Seen, SeenTask } from '@drubo/core/screening';
import type { Side } from '@drubo/core/vocabulary';
import { Figure } from '../../figures/Figure';
import { TARGET } from '../../theme/tokens';
import { Chip } from '../../ui/Chip';
import { Field } from '../../ui/Field';
import { Row, Stack, Wrap } from '../../ui/layout';
import { readNumber } from '../../ui/measure';
import { Txt } from '../../ui/Txt';
import { PainPicker } from './PainPicker';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.taskCard;

const NOTHING: SeenTask = { state: 'judged', faults: [], pains: [] };

/** One task: what to ask for, what to look at, and big chips for what is seen. */
export const TaskCard = ({
  task,
  seen,
  segments,
  onChange,
}: {
  task: ScreeningTask;
  seen: Seen;
  /** The person's own proportions. */
  segments: Segments;
  onChange(seen: Seen): void;
}) => {
  const [isPain, setPain] = useState(false);
  const { ask, watch } = TASK_WORDS[task.id];
  const given = seen.tasks[task.id];
  const set = (next: SeenTask) => onChange({ ...seen, tasks: { ...seen.tasks, [task.id]: next } });
  const known = given ?? NOTHING;
  const isJudged = given?.state === 'judged';
  const side: Side = task.id.endsWith('-left') ? 'left' : task.id.endsWith('-right') ? 'right' : 'both';
  return (
    <Stack gap="m">
      <Row gap="m" align="stretch">
        <Figure
          variation={getVariation(builtInCatalogue, task.variationId)}
          depth={task.id === 'bridge' ? 0 : 0.9}
          segments={segments}
          width={120}
          height={120}
        />
        <Stack gap="xs" style={styles.grow}>
          <Txt>{ask}</Txt>
          <Txt kind="small" tone="quiet">
            {words.lookAt(watch)}
          </Txt>
        </Stack>
      </Row>
      {task.id === 'knee-to-wall' ? (
        <Reach seen={seen} onChange={onChange} />
      ) : (
        <>
          <Wrap role="group" aria-label={words.whatIsSeen} gap="s">
            {task.faults.map((fault) => (
              <Chip
                key={fault}
                label={FAULT_LABELS[fault]}
                height={TARGET.live}
                tone="clay"
                chosen={isJudged && known.faults.includes(fault)}
                onPress={() =>
                  set({
                    ...known,
                    state: 'judged',
                    faults: known.faults.includes(fault)
                      ? known.faults.filter((other) => other !== fault)
                      : [...known.faults, fault],
                  })
                }
              />
            ))}
            <Chip
              label={words.clean}
              height={TARGET.live}
              chosen={isJudged && known.faults.length === 0 && known.pains.length === 0}
              onPress={() => set(NOTHING)}
            />
          </Wrap>
          <Wrap role="group" aria-label={words.painOrNotTo} gap="s">
            {known.pains.map((pain, at) => (
              <Chip
                key={`${pain.limit}-${pain.side}`}
                label={`${LIMIT_LABELS[pain.limit]}${pain.side === 'both' ? '' : `, ${BODY_SIDE_LABELS[pain.side]}`}: ${pain.severity} ×`}
                says={words.takeAwayThePain(LIMIT_LABELS[pain.limit])}
                tone="clay"
                chosen
                onPress={() => set({ ...known, pains: known.pains.filter((_, other) => other !== at) })}
              />
            ))}
            <Chip label={words.pain} says={words.painInThisTask} chosen={false} onPress={() => setPain(true)} />
            <Chip
              label={words.couldntJudge}
              tone="saffron"
              chosen={given?.state === 'not-judged'}
              onPress={() => set({ ...known, state: 'not-judged', faults: [] })}
            />
            <Chip
              label={words.skip}
              says={words.skipThisTask}
              tone="saffron"
              chosen={given?.state === 'skipped'}
              onPress={() => set({ ...known, state: 'skipped', faults: [] })}
            />
          </Wrap>
        </>
      )}
      {isPain && (
        <PainPicker
          side={side}
          onClose={() => setPain(false)}
          onPick={(pain) => {
            setPain(false);
            const others = known.pains.filter((other) => other.limit !== pain.limit || other.side !== pain.side);
            set({ ...known, state: given?.state ?? 'judged', pains: [...others, pain] });
          }}
        />
      )}
    </Stack>
  );
};

/** Knee to wall in centimetres, each side; an ankle nobody measured stays unknown. */
const Reach = ({ seen, onChange }: { seen: Seen; onChange(seen: Seen): void }) => {
  const [text, setText] = useState({
    left: seen.kneeToWallCm.left === null ? '' : String(seen.kneeToWallCm.left),
    right: seen.kneeToWallCm.right === null ? '' : String(seen.kneeToWallCm.right),
  });
  const type = (side: 'left' | 'right', typed: string) => {
    setText({ ...text, [side]: typed });
    const cm = readNumber(typed);
    if (cm !== undefined) onChange({ ...seen, kneeToWallCm: { ...seen.kneeToWallCm, [side]: cm } });
  };
  return (
    <Row gap="m" align="stretch">
      {(['left', 'right'] as const).map((side) => (
        <Stack key={side} gap="xs" style={styles.grow}>
          <Field
            label={side === 'left' ? words.left : words.right}
            unit={words.cm}
            inputMode="decimal"
            value={text[side]}
            onChangeText={(typed) => type(side, typed)}
            error={readNumber(text[side]) === undefined ? words.mustBeANumber : undefined}
          />
        </Stack>
      ))}
    </Row>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
