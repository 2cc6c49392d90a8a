import { useState } from 'react';
import type { PersonPlanDto } from '@drubo/contracts';
import { DAY_ROLE_SHORT } from '@drubo/words/explain';
import { weeksWords } from '@drubo/words/screens/weeks';
import { MOVEMENTS } from '../../parts/sheet/ChangeList';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Row, Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';

const words = weeksWords.turned;
type Turned = NonNullable<PersonPlanDto['plan']>['turned'];

/** What a block changes first, then what stays. */
export const TurnedList = ({ turned, most }: { turned: Turned; most?: number }) => {
  const ordered = [...turned].sort((a, b) => Number(a.rotation.stays) - Number(b.rotation.stays));
  return (
    <Stack role="list" aria-label={words.title} gap="xs">
      {ordered.slice(0, most).map(({ role, rotation: { slot, variationId, stays, why } }) => {
        const name = MOVEMENTS.nameOf(variationId);
        return (
          <Row key={`${role}-${slot}-${variationId}`} role="listitem" gap="s" align="center">
            <Txt kind="label" tone={stays ? 'quiet' : 'saffron'}>
              {stays ? words.stays : words.changes}
            </Txt>
            <Txt kind="small" style={{ flexGrow: 1, flexShrink: 1 }}>
              {`${name} · ${DAY_ROLE_SHORT[role]}`}
            </Txt>
            <WhyDot about={name} reasons={[why]} />
          </Row>
        );
      })}
    </Stack>
  );
};

const SHOWN = 4;

/** What became of each exercise when the last block ended. */
export const TurnedCard = ({ turned }: { turned: Turned }) => {
  const [isAll, setAll] = useState(false);
  if (turned.length === 0) return null;
  return (
    <Card>
      <Heading>{words.title}</Heading>
      <TurnedList turned={turned} {...(isAll ? {} : { most: SHOWN })} />
      {turned.length > SHOWN && (
        <Button look="quiet" label={isAll ? words.fewer : words.all(turned.length)} onPress={() => setAll(!isAll)} />
      )}
    </Card>
  );
};
