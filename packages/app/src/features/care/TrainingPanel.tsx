import type { PersonDetailDto } from '@drubo/contracts';
import { builtInCatalogue } from '@drubo/core/catalogue';
import { bySearch } from '@drubo/core/knowledge';
import { GOAL_LABELS, inSentence } from '@drubo/words/explain';
import { GOALS } from '@drubo/core/vocabulary';
import { useState } from 'react';
import type { PersonWriter } from '../../data/use-person-writer';
import { Chip } from '../../ui/Chip';
import { Choices } from '../../ui/Choices';
import { Field } from '../../ui/Field';
import { Stack, Wrap } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { OwnWords } from './OwnWords';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.trainingPanel;

const DAYS = ['1', '2', '3', '4', '5', '6', '7'] as const;
/** Suggestions shown while a disliked movement is looked for. */
const SHOWN = 6;

/** What they want in their own words, a second goal, days a week, and what they would rather not do. */
export const TrainingPanel = ({ detail, writer }: { detail: PersonDetailDto; writer: PersonWriter }) => {
  const { intake, person } = detail;
  const [search, setSearch] = useState('');
  const found = search.trim() === '' ? [] : bySearch(builtInCatalogue.variations, search).slice(0, SHOWN);
  const nameOf = (id: string) => builtInCatalogue.variations.find((variation) => variation.id === id)?.name ?? id;
  const dislike = (id: string) => {
    setSearch('');
    void writer.saveIntake({ dislikes: [...intake.dislikes, id] });
  };
  return (
    <Stack gap="l">
      <OwnWords intake={intake} writer={writer} />
      <Choices
        label={words.secondGoalAfter(inSentence(GOAL_LABELS[person.goal]))}
        options={[
          { value: 'none', label: words.none },
          ...GOALS.filter((goal) => goal !== person.goal).map((value) => ({ value, label: GOAL_LABELS[value] })),
        ]}
        value={intake.secondGoal ?? 'none'}
        onChange={(value) => void writer.saveIntake({ secondGoal: GOALS.find((goal) => goal === value) ?? null })}
      />
      <Choices
        label={words.daysAWeek}
        options={DAYS.map((value) => ({ value, label: value }))}
        value={DAYS.find((day) => Number(day) === intake.daysPerWeek) ?? null}
        onChange={(value) => void writer.saveIntake({ daysPerWeek: Number(value) })}
      />
      <Stack gap="s">
        <Field label={words.ratherNotLookFor} value={search} onChangeText={setSearch} />
        <Wrap gap="s">
          {found.map(({ id, name }) => (
            <Chip key={id} label={name} says={words.ratherNot(name)} chosen={false} onPress={() => dislike(id)} />
          ))}
        </Wrap>
        {intake.dislikes.length > 0 && (
          <Wrap gap="s" align="center">
            <Txt kind="small" tone="quiet">
              {words.leftOutWhileThere}
            </Txt>
            {intake.dislikes.map((id) => (
              <Chip
                key={id}
                label={`${nameOf(id)} ×`}
                says={words.allowAgain(nameOf(id))}
                chosen
                onPress={() => void writer.saveIntake({ dislikes: intake.dislikes.filter((other) => other !== id) })}
              />
            ))}
          </Wrap>
        )}
      </Stack>
    </Stack>
  );
};
