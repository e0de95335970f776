import { atTheRound, expect, openClient, signIn, inaccessible, test, visitTo } from './desk'

test('a wrong password is said beside the field', async ({ page }) => {
  await signIn(page, 'isaura@saltmarrow.example', 'handcart')
  await expect(page.getByText('Address and password do not belong together')).toBeVisible()
  await expect(page.getByLabel('E-mail address')).toHaveAttribute('aria-invalid', 'true')
  await expect(page.getByLabel('E-mail address')).toHaveValue('isaura@saltmarrow.example')
})

test('a stranger is asked to sign in and comes back to where they wanted to go', async ({ page }) => {
  await page.goto('/clients')
  await expect(page).toHaveURL(/sign-in/)
  await page.getByLabel('E-mail address').fill('isaura@saltmarrow.example')
  await page.getByLabel('Password').fill('cargo-bike')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page).toHaveURL(/clients$/)
  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page).toHaveURL(/sign-in/)
  await page.goto('/clients')
  await expect(page).toHaveURL(/sign-in/)
})

test('another trainer’s client does not exist', async ({ page }) => {
  await signIn(page, 'corvin@saltmarrow.example')
  await expect(page.getByRole('link', { name: 'Clients', exact: true })).toBeVisible()
  const [answer] = await Promise.all([page.waitForResponse('**/api/clients/1'), page.goto('/clients/1')])
  expect(answer.status()).toBe(404)
  await expect(page.getByRole('alert')).toContainText('Not found')
})

test('an empty shelf teaches how to begin; what is wrong stands beside its field', async ({ page }) => {
  await signIn(page, 'corvin@saltmarrow.example')
  await openClient(page, 'Ottoline Fenwright', 'Shelf')
  await page.getByRole('button', { name: /loft wall/ }).click()
  await page.getByRole('button', { name: 'Take off the shelf' }).click()
  await expect(page.getByText('The shelf is empty')).toBeVisible()

  const form = page.getByRole('form', { name: 'Put something on the shelf' })
  await form.getByRole('button', { name: 'Put it on the shelf' }).click()
  await expect(form.getByText('Give it a name, so that the settings can say which one.')).toBeVisible()
  await expect(form.getByText('What does one piece weigh, in kilograms?')).toBeVisible()
  await form.getByLabel('Name').fill('sail bag')
  await form.getByLabel('One piece').fill('9000')
  await form.getByRole('button', { name: 'Put it on the shelf' }).click()
  await expect(form.getByText('One piece weighs between 0.1 and 120 kg.')).toBeVisible()
  await expect(form.getByLabel('Name')).toHaveValue('sail bag')
  await form.getByLabel('One piece').fill('9')
  await form.getByRole('button', { name: 'Put it on the shelf' }).click()
  await expect(page.getByRole('button', { name: /sail bag/ })).toBeVisible()
})

test.describe('far from home', () => {
  test.use({ timezoneId: 'Atlantic/Azores' })
  test('the settings say where the device is when the trainer’s zone is another', async ({ page }) => {
    await atTheRound(page)
    await page.goto('/settings')
    const hint = page.getByText('This device is in Atlantic/Azores')
    await expect(hint).toBeVisible()
    await page.getByLabel('Time zone').selectOption('Atlantic/Azores')
    await expect(hint).toBeHidden()
  })
})

test('a thing taken off the shelf can be put back', async ({ page }) => {
  await atTheRound(page)
  await openClient(page, 'Orrin Kestlewick', 'Shelf')
  const rope = page.getByRole('button', { name: /coil of rope/ })
  await rope.click()
  await page.getByRole('button', { name: 'Take off the shelf' }).click()
  await expect(rope).toHaveCount(0)
  await page.getByRole('button', { name: 'Put it back' }).click()
  await expect(rope).toBeVisible()
})

test('where no load can be compared muscles are; with nothing left it says why for each exercise', async ({ page }) => {
  await atTheRound(page)
  await openClient(page, 'Hollis Varnham', 'Shelf')
  await expect(page.getByRole('button', { name: /chart table/ })).toBeVisible()
  const visitSwap = async () => {
    await page.goto('/')
    const visit = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Hollis Varnham' }) })
    await visit.getByRole('link', { name: 'Open the Floor' }).click()
    await page.getByRole('button', { name: 'Swap straight-arm band pull-down' }).click()
    await page.getByRole('link', { name: 'All swaps with their curves' }).click()
  }
  const tube = page.getByRole('button', { name: /yellow tube/ })
  if ((await tube.count()) > 0) {
    await visitSwap()
    await expect(page.getByText('by muscles').first()).toBeVisible()
    await openClient(page, 'Hollis Varnham', 'Shelf')
  }
  await expect(page.getByRole('button', { name: /chart table/ })).toBeVisible()
  for (const name of [/yellow tube/, /2 kg dumbbell/, /arm chair/]) {
    const thing = page.getByRole('button', { name })
    if ((await thing.count()) === 0) continue
    await thing.click()
    await page.getByRole('button', { name: 'Take off the shelf' }).click()
    await expect(thing).toHaveCount(0)
  }
  await visitSwap()
  await expect(page.getByRole('alert')).toContainText('No swap can be offered')
  await expect(page.getByRole('alert')).toContainText('None of the usual single additions would bring one')
  await expect(page.getByText('No floor work: it is done on the floor').first()).toBeVisible()
})

test('the week leads to a day without visits and on to the next ones', async ({ page }) => {
  await atTheRound(page)
  await page.goto('/?date=2031-01-05')
  await expect(page.getByText('No visits on this day')).toBeVisible()
  await page.goto('/nowhere')
  await expect(page.getByText('There is no such place')).toBeVisible()
})

for (const theme of ['linen', 'evening']) {
  test(`every place can be used by everyone, in the ${theme} colours`, async ({ page }) => {
    test.slow()
    await atTheRound(page)
    await page.evaluate((kept) => localStorage.setItem('nimble-shelf-theme', kept), theme)
    const { sessionId, items } = await visitTo(page, 'Marisol Tangwynne')
    const squat = items.find((item) => item.name === 'Goblet squat')?.id
    expect(squat).toBeDefined()
    expect(
      await inaccessible(page, [
        '/',
        '/clients',
        '/clients/1',
        '/clients/1/shelf',
        '/clients/1/ledger',
        `/swap/${squat}`,
        `/floor/${sessionId}`,
        `/replan/${sessionId}?for=sore`,
      ]),
    ).toEqual([])
  })
}
