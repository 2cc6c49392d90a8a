import { formatDay } from '@drubo/words/dates';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { recordsOf } from '@drubo/contracts';
import type { FieldsOf, PersonDetailDto } from '@drubo/contracts';
import { newId } from '../../data/ids';
import { usePersonWriter } from '../../data/use-person-writer';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Chip } from '../../ui/Chip';
import { todayIn } from '../../ui/days';
import { Field } from '../../ui/Field';
import { IconButton } from '../../ui/IconButton';
import { Row, Wrap } from '../../ui/layout';
import { Problem } from '../../ui/Problem';
import { Heading, Txt } from '../../ui/Txt';
import { useSnack } from '../../frame/SnackProvider';
import { useStudio } from '../../data/StudioContext';
import { peopleWords } from '@drubo/words/screens/people';

const words = peopleWords.notesCard;

type Note = FieldsOf<'note'>;

/** Dated notes, pinned ones first; what to watch next time stands on the floor too. */
export const NotesCard = ({ detail }: { detail: PersonDetailDto }) => {
  const { studio } = useStudio();
  const snack = useSnack();
  const writer = usePersonWriter(detail.person.id);
  const [text, setText] = useState('');
  const [isWatch, setWatch] = useState(false);
  const notes = recordsOf(detail.records, 'note').sort(
    (a, b) => Number(b.fields.pinned) - Number(a.fields.pinned) || b.fields.on.localeCompare(a.fields.on),
  );
  const add = async () => {
    const on = todayIn(studio.timeZone);
    if (!(await writer.saveRecord(newId(), { kind: 'note', on, text, pinned: false, watch: isWatch }))) return;
    setText('');
    setWatch(false);
  };
  const change = (id: string, fields: Note, part: Partial<Note>) => void writer.saveRecord(id, { ...fields, ...part });
  const remove = async (id: string) => {
    if (await writer.setRemoved(id, true)) snack({ text: words.theNoteIsTaken, undo: () => void writer.setRemoved(id, false) });
  };
  return (
    <Card>
      <Heading>{words.notes}</Heading>
      <Field label={words.aNote} multiline value={text} onChangeText={setText} />
      <Wrap gap="s">
        <Chip label={words.watchNextTime} chosen={isWatch} onPress={() => setWatch(!isWatch)} />
        <Button
          label={words.keepTheNote}
          disabled={text.trim() === '' || !writer.isReady}
          busy={writer.isBusy}
          onPress={() => void add()}
        />
      </Wrap>
      <Problem text={writer.problem} />
      {notes.length > 0 && (
        <View role="list" aria-label={words.notes}>
          {notes.map(({ id, fields }) => (
            <Row role="listitem" key={id} gap="s" style={styles.note}>
              <View style={styles.grow}>
                <Txt>{fields.text}</Txt>
                <Txt kind="small" tone="quiet">
                  {formatDay(fields.on)}
                  {fields.pinned ? words.pinned : ''}
                  {fields.watch ? words.watchNextTimePiece : ''}
                </Txt>
              </View>
              <Chip
                label={fields.pinned ? words.unpin : words.pin}
                says={`${fields.pinned ? words.unpin : words.pin}: ${fields.text}`}
                chosen={fields.pinned}
                onPress={() => change(id, fields, { pinned: !fields.pinned })}
              />
              <IconButton icon="close" says={words.takeAwayTheNote(fields.text)} onPress={() => void remove(id)} />
            </Row>
          ))}
        </View>
      )}
    </Card>
  );
};

const styles = StyleSheet.create({
  note: { paddingVertical: SPACE.xs },
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
