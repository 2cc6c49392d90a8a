import { useState } from 'react';
import { SCHOOL_LABELS } from '@drubo/words/explain';
import { SCHOOL_IDS, SCHOOLS } from '@drubo/core/vocabulary';
import type { SchoolId, Schools } from '@drubo/core/vocabulary';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';

/** Where good trainers differ: the answer for this person. Folded away, because the first answers are meant to do. */
export const SchoolFields = ({ value, onChange }: { value: Schools; onChange(schools: Schools): void }) => {
  const [isOpen, setOpen] = useState(false);
  const chosen = SCHOOL_IDS.filter((id) => value[id] !== undefined && value[id] !== SCHOOLS[id][0]).length;
  const said = chosen === 0 ? 'All as usual.' : `${chosen} chosen for this person.`;
  return (
    <Stack gap="m">
      <Stack gap="xs">
        <Heading level={2}>Schools of thought</Heading>
        <Txt kind="small" tone="quiet">
          Where good trainers differ. {said}
        </Txt>
      </Stack>
      {isOpen ? (
        SCHOOL_IDS.map((id) => (
          <Choices
            key={id}
            label={SCHOOL_LABELS[id].question}
            options={SCHOOLS[id].map((answer) => ({ value: answer, label: answerLabel(id, answer) }))}
            value={value[id] ?? SCHOOLS[id][0]}
            onChange={(answer) => onChange({ ...value, [id]: answer })}
          />
        ))
      ) : (
        <Button label="Choose for this person" onPress={() => setOpen(true)} />
      )}
    </Stack>
  );
};

const answerLabel = (id: SchoolId, answer: string): string =>
  (SCHOOL_LABELS[id].answers as Readonly<Record<string, string>>)[answer] ?? answer;
