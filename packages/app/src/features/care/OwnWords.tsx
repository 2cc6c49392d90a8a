import { useState } from 'react';
import type { IntakeDto } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { EMPHASIS_LABELS, TASK_LABELS } from '@drubo/words/explain';
import { meantBy } from '@drubo/core/selection';
import type { PersonWriter } from '../../data/use-person-writer';
import { Button } from '../../ui/Button';
import { Chip } from '../../ui/Chip';
import { Field } from '../../ui/Field';
import { Stack, Wrap } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { careWords } from '@drubo/words/screens/care';

const said = careWords.ownWords;

type Confirmed = IntakeDto['chips'][number];

const nameOf = (id: string): string => findVariation(builtInCatalogue, id)?.name ?? id;

const labelOf = (chip: Confirmed): string => {
  switch (chip.kind) {
    case 'wants':
      return nameOf(chip.variationId);
    case 'emphasis':
      return EMPHASIS_LABELS[chip.emphasis];
    case 'task':
      return TASK_LABELS[chip.task];
    case 'note':
      return `“${chip.text}”`;
  }
};
const keyOf = (chip: Confirmed): string => JSON.stringify(chip);

/** What they want in their own words, and what of it the trainer confirmed: only that counts for a sheet. */
export const OwnWords = ({ intake, writer }: { intake: IntakeDto; writer: PersonWriter }) => {
  const [words, setWords] = useState(intake.ownWords);
  const { chips, dislikes } = intake;
  const meant = meantBy(builtInCatalogue, words);
  const open = meant.chips.filter((chip) => !chips.some((known) => keyOf(known) === keyOf(chip)));
  const avoids = meant.avoids.filter(({ variationIds }) => variationIds.some((id) => !dislikes.includes(id)));
  const confirm = (chip: Confirmed): void => void writer.saveIntake({ ownWords: words.trim(), chips: [...chips, chip] });
  const isChanged = words.trim() !== intake.ownWords;
  const isUnmatched = words.trim() !== '' && meant.chips.length + meant.avoids.length === 0;
  return (
    <Stack gap="s">
      <Field label={said.whatTheyWantIn} value={words} onChangeText={setWords} multiline />
      {open.length + avoids.length > 0 && (
        <Wrap role="group" aria-label={said.itMayMean} gap="s" align="center">
          <Txt kind="small" tone="quiet">
            {said.itMayMeanTap}
          </Txt>
          {open.map((chip) => (
            <Chip
              key={keyOf(chip)}
              label={`+ ${labelOf(chip)}`}
              says={said.confirm(labelOf(chip))}
              chosen={false}
              onPress={() => confirm(chip)}
            />
          ))}
          {avoids.map(({ word, variationIds }) => (
            <Chip
              key={word}
              label={said.ratherNot(word)}
              says={said.confirmRatherNot(word)}
              chosen={false}
              onPress={() =>
                void writer.saveIntake({
                  ownWords: words.trim(),
                  dislikes: [...new Set([...dislikes, ...variationIds])].slice(0, 40),
                })
              }
            />
          ))}
        </Wrap>
      )}
      {isUnmatched && (
        <Txt kind="small" tone="quiet">
          {said.nothingHereNamesA}
        </Txt>
      )}
      {isChanged && <Button label={said.keepTheWords} onPress={() => void writer.saveIntake({ ownWords: words.trim() })} />}
      {chips.length > 0 && (
        <Wrap role="group" aria-label={said.confirmed} gap="s" align="center">
          <Txt kind="small" tone="quiet">
            {said.countsForTheSheets}
          </Txt>
          {chips.map((chip) => (
            <Chip
              key={keyOf(chip)}
              label={`${labelOf(chip)} ×`}
              says={said.noLonger(labelOf(chip))}
              chosen
              onPress={() => void writer.saveIntake({ chips: chips.filter((other) => keyOf(other) !== keyOf(chip)) })}
            />
          ))}
        </Wrap>
      )}
    </Stack>
  );
};
