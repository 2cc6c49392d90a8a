import { useRouter } from 'expo-router';
import type { IntakeDto, KitDto, PersonDetailDto } from '@drubo/contracts';
import { startKit } from '@drubo/core';
import { newId } from '../../data/ids';
import { useWriter } from '../../data/offline/QueueProvider';
import type { PersonWriter } from '../../data/use-person-writer';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Chip } from '../../ui/Chip';
import { Stack, Wrap } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { useStudio } from '../../data/StudioContext';
import { kitLine } from '../../parts/kit/kit-lines';
import { BarHeights } from './BarHeights';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.placesPanel;

type Place = IntakeDto['places'][number];

/** Somebody who trains under the trainer's eye, in the studio; at home they are taken to be on their own. */
const freshPlace = ({ id, place }: KitDto): Place => ({
  kitId: id,
  isAlone: place !== 'studio',
  hasSpotter: false,
  hasPractisedBailOut: false,
  safetyBarCm: null,
  hookCm: null,
});

const TOGGLES = [
  { key: 'isAlone', label: words.trainsAloneThere },
  { key: 'hasSpotter', label: words.hasASpotter },
  { key: 'hasPractisedBailOut', label: words.hasPractisedBailingOut },
] as const;

/** Where they train, the usual place first, and what is there. Sheets take the first. */
export const PlacesPanel = ({ detail, writer }: { detail: PersonDetailDto; writer: PersonWriter }) => {
  const router = useRouter();
  const kitWriter = useWriter();
  const { unit } = useStudio();
  const { places } = detail.intake;
  const { id: personId, name } = detail.person;
  const save = (next: readonly Place[]) => void writer.saveIntake({ places: [...next] });
  const chosen = places.flatMap((place) => {
    const kit = detail.kits.find(({ id }) => id === place.kitId);
    return kit ? [{ place, kit }] : [];
  });
  const rest = detail.kits.filter(({ id }) => !places.some(({ kitId }) => kitId === id));
  const addHome = async () => {
    const kitId = newId();
    const { pieces, machines, gear, items, ...room } = startKit('home', unit);
    await kitWriter.save({
      endpointId: 'saveKit',
      params: { kitId },
      body: {
        version: 0,
        kit: {
          personId,
          name: words.sHome(name),
          pieces: [...pieces],
          machines: [...machines],
          gear: [...gear],
          items: [...items],
          ...room,
        },
      },
      aggregate: `kit:${kitId}`,
    });
    await writer.saveIntake({
      places: [
        { kitId, isAlone: true, hasSpotter: false, hasPractisedBailOut: false, safetyBarCm: null, hookCm: null },
        ...places,
      ],
    });
    router.push(`/studio/kit/${kitId}?person=${personId}`);
  };
  return (
    <Stack gap="m">
      {chosen.length === 0 && <Txt tone="quiet">{words.nobodySaidWhereSheets(detail.kits[0]?.name ?? words.theStudio)}</Txt>}
      {chosen.map(({ place, kit }, at) => (
        <Card key={kit.id} edge={at === 0 ? 'moss' : undefined}>
          <Heading level={3}>
            {kit.name}
            {at === 0 ? words.usualPlace : ''}
          </Heading>
          <Txt kind="small" tone="quiet">
            {kitLine(kit)}
          </Txt>
          <Wrap gap="s">
            {TOGGLES.map(({ key, label }) => (
              <Chip
                key={key}
                label={label}
                chosen={place[key]}
                onPress={() => save(places.map((other) => (other.kitId === kit.id ? { ...other, [key]: !other[key] } : other)))}
              />
            ))}
          </Wrap>
          {kit.hasSafeties && (
            <BarHeights
              key={`${place.safetyBarCm}-${place.hookCm}`}
              place={place}
              onSave={(heights) => save(places.map((other) => (other.kitId === kit.id ? { ...other, ...heights } : other)))}
            />
          )}
          <Wrap gap="s">
            {kit.personId !== null && (
              <Button
                label={words.whatIsThere}
                says={words.kitOf(kit.name)}
                onPress={() => router.push(`/studio/kit/${kit.id}?person=${personId}`)}
              />
            )}
            {at > 0 && (
              <Button
                label={words.makeItTheUsual}
                onPress={() => save([place, ...places.filter((other) => other.kitId !== kit.id)])}
              />
            )}
            <Button
              label={words.notThereAnyMore}
              says={words.noLongerAt(kit.name)}
              onPress={() => save(places.filter((other) => other.kitId !== kit.id))}
            />
          </Wrap>
        </Card>
      ))}
      <Wrap gap="s">
        {rest.map((kit) => (
          <Button
            key={kit.id}
            icon="plus"
            label={kit.name}
            says={words.trainsAt(kit.name)}
            disabled={!writer.isReady}
            onPress={() => save([...places, freshPlace(kit)])}
          />
        ))}
        <Button icon="plus" label={words.theirHome} disabled={!kitWriter.isReady} onPress={() => void addHome()} />
      </Wrap>
    </Stack>
  );
};
