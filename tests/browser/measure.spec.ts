import { expect, test } from './test';
import { openDesk, token } from './helpers';

test('paces, a sighting and the simulated tilt are measured, told with their doubt and taken over', async ({
  page,
}) => {
  await openDesk(page);
  await page.keyboard.press('d');
  await page.getByText('Pace it out').click();
  await page.getByLabel('Paces', { exact: true }).fill('20');
  await expect(page.getByRole('status').filter({ hasText: '19.7 yd ± ' })).toBeVisible();
  await page.getByRole('button', { name: 'Apply' }).click();
  await page.keyboard.press('Escape');
  await expect(token(page, 'Distance to the flag')).toContainText('19.7 yd');

  await page.keyboard.press('l');
  await page.getByText('Measure it').click();
  await page.getByLabel('Angle').fill('89');
  await page.getByLabel('Paces to the lip').fill('3');
  await expect(page.getByText('The sighting must be from -10 to 75 degrees.')).toBeVisible();
  await page.getByLabel('Angle').fill('20');
  await page.getByRole('button', { name: 'Apply' }).click();
  await page.keyboard.press('Escape');
  await expect(token(page, 'Lip')).toContainText('3.2 ft high and 8.9 ft ahead');

  await page.keyboard.press('t');
  await page.getByText('Measure it').click();
  await page.getByRole('button', { name: 'Simulated sensor' }).click();
  await page.getByRole('button', { name: 'Apply' }).click();
  await page.keyboard.press('Escape');
  await expect(token(page, 'Slope')).toContainText(/°/);
});
