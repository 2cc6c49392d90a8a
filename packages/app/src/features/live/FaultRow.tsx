import { useState } from 'react';
import { FAULT_LABELS } from '@drubo/words/explain';
import type { FaultSeverity } from '@drubo/core/vocabulary';
import { isUnclean, likelyFaults, markDangerous, tapFault } from '@drubo/core/live';
import type { Pad } from '@drubo/core/live';
import { Chip } from '../../ui/Chip';
import { Wrap } from '../../ui/layout';
import type { Exercise } from './floor';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.faultRow;

const WORDS: Record<FaultSeverity, string> = words.words;

/**
 * Pain, clean or not, and the faults likeliest here, with all of the movement's one tap further: one tap a note, two break the set, a
 * long press is dangerous. What is chosen stays in sight.
 */
export const FaultRow = ({
  exercise,
  pad,
  onChange,
  onPain,
}: {
  exercise: Exercise;
  pad: Pad;
  onChange(change: Partial<Pad>): void;
  onPain(): void;
}) => {
  const [isAll, setAll] = useState(false);
  const { faults } = exercise.variation;
  const likely = likelyFaults(exercise);
  const shown = isAll ? faults : faults.filter((id) => likely.includes(id) || pad.faults.some((fault) => fault.id === id));
  return (
    <Wrap gap="xs">
      <Chip
        label={pad.jointPain === null ? words.pain : words.painWithJointPain(pad.jointPain)}
        says={pad.jointPain === null ? words.painNotAsked : words.painOf10(pad.jointPain)}
        tone="clay"
        tight
        chosen={pad.jointPain !== null}
        onPress={onPain}
      />
      <Chip
        label={words.notClean}
        tone="clay"
        tight
        chosen={isUnclean(pad)}
        onPress={() =>
          onChange(
            isUnclean(pad)
              ? { isUnclean: false, faults: pad.faults.filter(({ severity }) => severity === 'note') }
              : { isUnclean: true },
          )
        }
      />
      {shown.map((id) => {
        const severity = pad.faults.find((fault) => fault.id === id)?.severity;
        return (
          <Chip
            key={id}
            label={severity ? `${FAULT_LABELS[id]} · ${WORDS[severity]}` : FAULT_LABELS[id]}
            says={severity ? `${FAULT_LABELS[id]}: ${WORDS[severity]}` : FAULT_LABELS[id]}
            tone={severity === 'note' ? 'saffron' : 'clay'}
            chosen={severity !== undefined}
            tight
            onPress={() => onChange({ faults: tapFault(pad.faults, id) })}
            onLongPress={() => onChange({ faults: markDangerous(pad.faults, id) })}
          />
        );
      })}
      {faults.length > shown.length && (
        <Chip
          label={words.more(faults.length - shown.length)}
          says={words.moreFaults}
          chosen={false}
          tight
          onPress={() => setAll(true)}
        />
      )}
    </Wrap>
  );
};
