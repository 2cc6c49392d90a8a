import type { Page } from '@playwright/test';
import { expect, test } from './fixtures';
import { livePage } from './pages/live';
import { firstVisit } from './pages/first-visit';

const nextSheetOf = (page: Page) => page.getByRole('button', { name: /^Open the sheet/ });

test('a stiff ankle, a sore left knee, two dumbbells and a sofa: from “add” to a sensible first sheet', async ({
  trainer: page,
}) => {
  const visit = firstVisit(page);
  await visit.add('Liv Harran', 'Move well');
  await visit.choose('Days a week', '2');
  await visit.next('Places and kit');

  // Their home: a sofa is there already, two dumbbells of 8 kg are one line.
  await page.getByRole('button', { name: 'Their home' }).click();
  await page.getByRole('button', { name: 'Add dumbbells' }).click();
  await page.getByLabel('Sizes (kg)').fill('8–');
  await expect(page.getByRole('alert').filter({ hasText: 'is not a size' })).toBeVisible();
  await page.getByLabel('Sizes (kg)').fill('8');
  await expect(page.getByText('held at the sides', { exact: false }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Save the kit' }).click();
  await expect(page.getByRole('heading', { name: /Liv Harran’s home · usual place/ })).toBeVisible();
  await expect(page.getByText(/dumbbells 8 kg .*sofa/)).toBeVisible();

  await visit.next('Health');
  await visit.agree();
  await visit.noneOfAll();
  await visit.next('Limits');
  await page.getByRole('button', { name: 'left knee', exact: true }).click();
  await page.getByRole('button', { name: 'Sore 4 of 10' }).click();
  await page.getByRole('button', { name: 'stairs down' }).click();
  await page.getByRole('button', { name: 'Save the limit' }).click();
  await expect(page.getByRole('button', { name: 'left knee: sore knee, front, 4 of 10' })).toBeVisible();

  await visit.next('Watch them move');
  await page.getByRole('button', { name: 'Start watching' }).click();
  await page.getByRole('button', { name: 'heels lift' }).click();
  await expect(page.getByText('Aids: heel lift 25 mm')).toBeVisible();
  await page.getByRole('button', { name: 'Next', exact: true }).click();
  await visit.clean(7);
  await page.getByLabel('Left (cm)').fill('6');
  await page.getByLabel('Right (cm)').fill('11');
  await expect(page.getByText(/Left knee reaches 6 cm, short of 10 cm/)).toBeVisible();
  await page.getByRole('button', { name: 'What it comes to' }).click();
  await expect(page.getByText('Before the first set: Ankle rock.')).toBeVisible();
  await page.getByRole('button', { name: /^Take over the limit: stiff ankle, left/ }).click();
  await expect(page.getByText('Is on record.')).toBeVisible();
  await page.getByRole('button', { name: 'To the first sheet' }).click();

  // Knee to the box, ankle to the heel lift, loads that lie in the room, three in reserve or more when alone.
  await expect(page.getByText('Bodyweight box squat', { exact: true })).toBeVisible();
  await nextSheetOf(page).click();
  await expect(page.getByText('Heel lift 25 mm')).toBeVisible();
  await expect(page.getByText('4 in reserve')).toHaveCount(4);
  await page.getByRole('button', { name: 'Why: Bodyweight box squat, chosen' }).click();
  const why = page.getByRole('dialog');
  await expect(why.getByText('Bodyweight box squat instead of Goblet squat: the hardest that is open.')).toBeVisible();
  await expect(why.getByText(/Keep to: .*sore knee, front at 4 of 10/).first()).toBeVisible();
});

test('somebody who answers yes to a warning sign is held until a clearance says what for', async ({ trainer: page }) => {
  const visit = firstVisit(page);
  await visit.add('Arne Vold', 'Get stronger');
  await page.getByRole('button', { name: /^Step 3: Health/ }).click();
  await visit.agree();
  await page.getByRole('button', { name: 'Fainting, or dizzy spells that make you hold on' }).click();
  await page.getByRole('button', { name: 'Only what is ticked: Heart, breath, head' }).click();
  await expect(page.getByRole('heading', { name: 'See a clinician first' })).toBeVisible();

  // Half-finished, and the person can be used: but not trained.
  await page.getByRole('button', { name: 'Go on later' }).click();
  await expect(page.getByRole('button', { name: 'Held: see a clinician first' })).toBeDisabled();
  await page.getByRole('button', { name: 'Open the next sheet' }).click();
  await expect(page.getByRole('heading', { name: 'Nothing on this sheet' })).toBeVisible();
  await page.getByRole('button', { name: 'Back', exact: true }).click();

  await page.getByRole('button', { name: 'Health and limits' }).click();
  await page.getByRole('button', { name: 'Record a clearance' }).click();
  await page.getByRole('button', { name: 'Record the clearance' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'a clearance without scope clears nothing' })).toBeVisible();
  const dialog = page.getByRole('dialog');
  for (const family of ['Squat', 'Hinge']) await dialog.getByRole('button', { name: family, exact: true }).click();
  await page.getByRole('button', { name: 'Record the clearance' }).click();
  await expect(page.getByRole('heading', { name: 'Train with limits' })).toBeVisible();
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  // Cleared for squat and hinge, and still without a load until four things were asked.
  await visit.fourAnswers();
  await expect(page.getByText('Goblet squat')).toBeVisible();
  await expect(page.getByText('Split squat')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Start the session' })).toBeEnabled();
});

test('a screening left half way goes on where it was, and the next one says what changed', async ({ trainer: page }) => {
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByRole('link', { name: /Odran Pell/ }).click();
  await page.getByRole('button', { name: 'Watch them move' }).click();
  await page.getByRole('button', { name: 'knees cave' }).waitFor({ state: 'detached' });
  await page.getByRole('button', { name: 'Clean' }).click();
  await page.getByRole('button', { name: 'Next', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Squat, from the front' })).toBeVisible();
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await page.getByRole('button', { name: 'Watch them move' }).click();
  await expect(page.getByRole('heading', { name: 'Squat, from the front' })).toBeVisible();
  const visit = firstVisit(page);
  await visit.clean(7);
  await page.getByLabel('Left (cm)').fill('8,5');
  await page.getByRole('button', { name: 'What it comes to' }).click();
  await expect(page.getByText('Gone: wobble (low step-down, left leg standing)')).toBeVisible();
  await expect(page.getByText('Knee to wall left: 7 → 8.5 cm')).toBeVisible();
});

test('a known lift puts a bar on the first sheet; on a sheet it is two taps from its numbers', async ({ trainer: page }) => {
  const visit = firstVisit(page);
  await visit.add('Runa Vesk', 'Get stronger', 'Some years');
  await page.getByRole('button', { name: 'Add a squat lift they know' }).click();
  await page.getByRole('button', { name: 'Back squat', exact: true }).click();
  await page.getByLabel('Load, all held (kg)').fill('700');
  await page.getByLabel('Reps', { exact: true }).fill('5');
  await visit.choose('How it is known', 'Filmed');
  await visit.choose('How long ago', '2 weeks ago');
  await expect(page.getByText(/^It earns its stage/)).toBeVisible();
  await page.getByRole('button', { name: 'Save the lift' }).click();
  await expect(
    page.getByRole('alert').filter({ hasText: 'The load can’t be: nobody is taken to hold more than 500 kg' }),
  ).toBeVisible();
  await page.getByLabel('Load, all held (kg)').fill('90');
  await page.getByRole('button', { name: 'Save the lift' }).click();
  await expect(page.getByRole('list', { name: 'Known lifts' }).getByText('Earns its stage.')).toBeVisible();
  await page.getByRole('button', { name: 'Step 3: Health' }).click();
  await visit.agree();
  await visit.noneOfAll();
  await page.getByRole('button', { name: 'Step 6: First sheet' }).click();
  await nextSheetOf(page).click();
  await page.getByRole('button', { name: 'Why: Back squat, chosen' }).click();
  await expect(page.getByRole('dialog').getByText(/^Known lift: Back squat 90 kg × 5, 2 weeks ago/)).toBeVisible();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();

  // Another lift of the sheet: a tap on it, a tap on “knows this lift”.
  await page.getByRole('button', { name: /^Dumbbell Romanian deadlift: .*Change$/ }).click();
  await page.getByRole('button', { name: /knows this lift/ }).click();
  await page.getByLabel('Load, all held (kg)').fill('64');
  await page.getByLabel('Reps', { exact: true }).fill('10');
  await visit.choose('How it is known', 'I saw it');
  await page.getByRole('button', { name: 'Save the lift' }).click();
  await expect(page.getByText('Dumbbell Romanian deadlift kept. The sheet follows.')).toBeVisible();
  await page.getByRole('button', { name: 'Why: Dumbbell Romanian deadlift, load' }).click();
  await expect(page.getByRole('dialog').getByText(/^Known lift: 64 kg × 10/)).toBeVisible();
});

test('a warning sign is two taps away on the floor, says one thing to do, and holds the next session', async ({
  trainer: page,
}) => {
  await page.getByRole('button', { name: 'Start Nell Haverty' }).click();
  await page.getByRole('button', { name: /^More/ }).click();
  await page.getByRole('button', { name: 'Warning signs', exact: true }).click();
  await page.getByLabel('Look for a sign').fill('calf');
  await page.getByRole('button', { name: 'Hot, swollen joint or calf' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'A clinician has to see this today.' })).toBeVisible();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await livePage(page).finish();
  await expect(page.getByRole('button', { name: /make the next sheet/ })).toBeVisible();
  await page.goto(new URL('/people', page.url()).href);
  await page.getByRole('link', { name: /Nell Haverty/ }).click();
  await expect(page.getByRole('heading', { name: 'See a clinician first' })).toBeVisible();
});

test('stages are placed by hand with a reason, and the sheet follows', async ({ trainer: page }) => {
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByRole('link', { name: /Marit Sole/ }).click();
  await page.getByRole('button', { name: 'All staircases' }).click();
  await page.getByRole('button', { name: /^Two-leg squat: Front squat, / }).click();
  await page.getByRole('button', { name: 'Place on Back squat to a box' }).click();
  await expect(page.getByRole('button', { name: 'Place here' })).toBeDisabled();
  await page.getByLabel('Why', { exact: true }).fill('Wrists stiff from rowing: the bar goes on the back.');
  await page.getByRole('button', { name: 'Place here' }).click();
  await expect(page.getByRole('button', { name: /^Two-leg squat: Back squat to a box/ })).toBeVisible();
  await expect(page.getByText('Placed by hand: Wrists stiff from rowing: the bar goes on the back.')).toBeVisible();
});
