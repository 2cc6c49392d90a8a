import type { PersonId } from '@drubo/core/vocabulary';
import { useState } from 'react';
import { usePerson } from '../../data/use-person';
import { IconButton } from '../../ui/IconButton';
import { StartDialog } from './StartDialog';
import { partsSessionsWords } from '@drubo/words/screens/parts-sessions';

const words = partsSessionsWords.moreStarts;

/** The way to the other ways to begin. What they need is read when they are asked for. */
export const MoreStarts = ({ personId, name, attempt }: { personId: PersonId; name: string; attempt: number }) => {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <IconButton framed icon="more" says={words.otherWaysToStart(name)} onPress={() => setOpen(true)} />
      {isOpen && <Opened personId={personId} attempt={attempt} onClose={() => setOpen(false)} />}
    </>
  );
};

const Opened = ({ personId, attempt, onClose }: { personId: PersonId; attempt: number; onClose(): void }) => {
  const { data } = usePerson(personId);
  return data ? <StartDialog sheet={data.nextSheet} attempt={attempt} onClose={onClose} /> : null;
};
