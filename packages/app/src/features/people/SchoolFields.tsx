import { useState } from 'react';
import { SCHOOL_LABELS } from '@drubo/words/explain';
import { SCHOOL_IDS, SCHOOLS } from '@drubo/core/vocabulary';
import type { SchoolId, Schools } from '@drubo/core/vocabulary';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { peopleWords } from '@drubo/words/screens/people';

const words = peopleWords.schoolFields;

/** Where good trainers differ: the answer for this person. Folded away, because the first answers are meant to do. */
export const SchoolFields = ({ value, onChange }: { value: Schools; onChange(schools: Schools): void }) => {
  const [isOpen, setOpen] = useState(false);
  const chosen = SCHOOL_IDS.filter((id) => value[id] !== undefined && value[id] !== SCHOOLS[id][0]).length;
  const said = chosen === 0 ? words.allAsUsual : words.chosenForThisPerson(chosen);
  return (
    <Stack gap="m">
      <Stack gap="xs">
        <Heading level={2}>{words.schoolsOfThought}</Heading>
        <Txt kind="small" tone="quiet">
          {words.whereGoodTrainersDiffer(said)}
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
        <Button label={words.chooseForThisPerson} onPress={() => setOpen(true)} />
      )}
    </Stack>
  );
};

const answerLabel = (id: SchoolId, answer: string): string =>
  (SCHOOL_LABELS[id].answers as Readonly<Record<string, string>>)[answer] ?? answer;
