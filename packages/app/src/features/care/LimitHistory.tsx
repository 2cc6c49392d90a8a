import type { PersonId } from '@drubo/core/vocabulary';
import { formatDay } from '@drubo/words/dates';
import { useState } from 'react';
import { View } from 'react-native';
import { useEndpoint } from '../../data/use-endpoint';
import { Button } from '../../ui/Button';
import { Txt } from '../../ui/Txt';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.limitHistory;

/** How a limit went over time, asked for when it is wanted. */
export const LimitHistory = ({ personId, recordId }: { personId: PersonId; recordId: string }) => {
  const [isOpen, setOpen] = useState(false);
  const { data } = useEndpoint('listRecords', { params: { personId } }, { enabled: isOpen });
  if (!isOpen) return <Button look="quiet" label={words.howItWent} onPress={() => setOpen(true)} />;
  const revisions = (data ?? []).filter(({ id }) => id === recordId);
  return (
    <View role="list" aria-label={words.howItWent}>
      {revisions.map(({ revision, removed, fields, savedAt }) => (
        <View role="listitem" key={revision}>
          <Txt kind="small">
            {formatDay(fields.kind === 'limit' ? fields.askedOn : savedAt.slice(0, 10))}:{' '}
            {removed
              ? words.gone
              : fields.kind === 'limit' && fields.severity !== null
                ? words.of10(fields.severity)
                : words.there}
            {fields.kind === 'limit' && fields.note ? ` · ${fields.note}` : ''}
          </Txt>
        </View>
      ))}
    </View>
  );
};
