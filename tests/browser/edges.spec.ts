import { atTheRound, expect, openClient, signIn, test, visitTo } from './desk'

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
  // What nobody said is not guessed: until it is known what it is, nothing stands there.
  await expect(form.getByText('What is it? Until that is known it serves nothing.')).toBeVisible()
  await form.getByLabel('What is it?').selectOption('object')
  await form.getByRole('button', { name: 'Put it on the shelf' }).click()
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

test('who begins is shown the way to a first visit, and it is never in the way twice', async ({ page }) => {
  await signIn(page, 'corvin@saltmarrow.example')
  const way = page.getByRole('region', { name: 'From here to a first visit' })
  await expect(way.getByRole('link')).toHaveCount(1)
  await way.getByRole('link').click()
  await expect(page).toHaveURL(/\/clients\/\d+\/(shelf|programme)$/)
  await page.getByRole('link', { name: 'Round', exact: true }).click()
  await way.getByRole('button', { name: 'I know the way' }).click()
  await expect(way).toHaveCount(0)
  await page.reload()
  await expect(page.getByRole('heading', { level: 1, name: /^Round/ })).toBeVisible()
  await expect(way).toHaveCount(0)
})

test('a list is pasted and looked through line by line; who lives is refused, and what is unknown is asked about', async ({
  page,
}) => {
  await signIn(page, 'corvin@saltmarrow.example')
  await openClient(page, 'Ottoline Fenwright', 'Shelf')
  const form = page.getByRole('form', { name: 'Put something on the shelf' })
  const line = form.getByLabel('In plain words')
  const put = form.getByRole('button', { name: 'Put it on the shelf' })
  await line.evaluate((element) => {
    const clipboardData = new DataTransfer()
    clipboardData.setData('text', 'ketlebell 12\n\n- child 14 kg\n- two 16s\n- weight vest 8kg\n- gym ball 65cm')
    element.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }))
  })
  await expect(line).toHaveValue('ketlebell 12')
  await expect(form.getByText('4 lines to come; next: child 14 kg')).toBeVisible()
  await expect(form.getByText('“ketlebell” is read as kettlebell.')).toBeVisible()
  await expect(form.getByText('12 is taken as kilograms.')).toBeVisible()
  // From the keyboard: the line that is next has the focus, and Enter puts it there.
  await put.click()
  await expect(line).toHaveValue('child 14 kg')
  await expect(line).toBeFocused()
  await expect(form.getByText(/A child is no weight/)).toBeVisible()
  await expect(put).toBeDisabled()
  await form.getByRole('button', { name: 'Pass this one over' }).click()
  await expect(line).toHaveValue('two 16s')
  await expect(form.getByText(/No word here names a thing/)).toBeVisible()
  await form.getByLabel('What is it?').selectOption('kettlebell')
  await expect(form.getByLabel('One piece')).toHaveValue('16')
  await expect(form.getByLabel('How many')).toHaveValue('2')
  await form.getByLabel('Name').fill('iron bell')
  await put.click()
  await expect(line).toHaveValue('weight vest 8kg')
  await expect(form.getByLabel('One piece')).toHaveValue('8')
  await line.press('Enter')
  await expect(line).toHaveValue('gym ball 65cm')
  await expect(form.getByLabel('What is it?')).toHaveValue('big-ball')
  await line.press('Enter')
  await expect(line).toHaveValue('')
  const standing = (name: RegExp) => page.getByRole('button', { name })
  await expect(standing(/ketlebell 12|kettlebell 12/)).toBeVisible()
  await expect(standing(/2 × iron bell/)).toBeVisible()
  await standing(/gym ball/).click()
  await expect(page.getByText('It rolls away from under a load: no exercise here is done with it.')).toBeVisible()

  // It can be put right, and there can be one more like it.
  await standing(/2 × iron bell/).click()
  await page.getByRole('button', { name: 'Change it' }).click()
  const change = page.getByRole('form', { name: 'Change iron bell' })
  await change.getByLabel('One piece').fill('900')
  await change.getByRole('button', { name: 'Keep the change' }).click()
  await expect(change.getByText('One piece weighs between 0.1 and 120 kg.')).toBeVisible()
  await change.getByLabel('One piece').fill('17,5')
  await change.getByLabel('How many').fill('1')
  await change.getByRole('button', { name: 'Keep the change' }).click()
  await expect(standing(/^iron bell 17.5 kg/)).toBeVisible()
  await page.getByLabel('One more like it…').selectOption({ label: 'on this shelf' })
  await expect(standing(/iron bell 2/)).toBeVisible()
})

test('the password is changed, and the old one opens nothing any more', async ({ page }) => {
  const change = async (from: string, to: string) => {
    await page.goto('/settings')
    const form = page.getByRole('form', { name: 'Password' })
    await form.getByLabel('Password now').fill(from)
    await form.getByLabel(/^New password(?! again)/).fill(to)
    await form.getByLabel('New password again').fill(to)
    await form.getByRole('button', { name: 'Change the password' }).click()
  }
  await signIn(page, 'corvin@saltmarrow.example')
  await expect(page.getByRole('link', { name: 'Clients', exact: true })).toBeVisible()
  await change('handcart', 'wet oar, dry oar')
  await expect(page.getByText('That is not the password you sign in with now.')).toBeVisible()
  await change('cargo-bike', 'wet oar, dry oar')
  await expect(page.getByText('The new password counts from now on.')).toBeVisible()
  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page.getByRole('form', { name: 'Sign in' })).toBeVisible()
  await signIn(page, 'corvin@saltmarrow.example')
  await expect(page.getByText('Address and password do not belong together')).toBeVisible()
  await signIn(page, 'corvin@saltmarrow.example', 'wet oar, dry oar')
  await expect(page.getByRole('link', { name: 'Clients', exact: true })).toBeVisible()
  await change('wet oar, dry oar', 'cargo-bike')
  await expect(page.getByText('The new password counts from now on.')).toBeVisible()
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
  // Who only sits has something to sit on, so that a tube alone opens a way again.
  await expect(page.getByRole('alert')).toContainText('One thing would open it')
  await expect(page.getByText('No floor work: it is done on the floor').first()).toBeVisible()
})

test('the week leads to a day without visits and on to the next ones', async ({ page }) => {
  await atTheRound(page)
  await page.goto('/?date=2031-01-05')
  await expect(page.getByText('No visits on this day')).toBeVisible()
  await page.getByRole('button', { name: 'The week before' }).click()
  await expect(page).toHaveURL(/date=2030-12-29$/)
  await page.getByRole('button', { name: 'Back to today' }).click()
  await expect(page.getByRole('heading', { name: 'Orrin Kestlewick' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Back to today' })).toHaveCount(0)
  await page.goto('/nowhere')
  await expect(page.getByText('There is no such place')).toBeVisible()
})

test('a client is searched for, put away, and brought back with everything', async ({ page }) => {
  await atTheRound(page)
  // An earlier try may have left somebody put away.
  await page.evaluate(async () => {
    const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '')
    const headers = { Accept: 'application/json', 'X-XSRF-TOKEN': token }
    const clients = (await (await fetch('/api/clients', { headers })).json()) as { id: number; isArchived: boolean }[]
    for (const { id } of clients.filter((client) => client.isArchived)) {
      await fetch(`/api/clients/${id}/archive`, { method: 'DELETE', headers })
    }
  })
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Clients' }).click()
  await page.getByRole('searchbox', { name: 'Search the clients' }).fill('philippa')
  await expect(page.getByRole('main').getByRole('listitem')).toHaveCount(1)
  const philippa = page.getByRole('link', { name: /Philippa Roe/ })
  await philippa.click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Philippa Roe · Person')
  await page.getByRole('button', { name: 'Not visited any more: put away' }).click()
  await expect(page.getByText(/is put away: no visits on the Round/)).toBeVisible()
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Clients' }).click()
  await expect(page.getByRole('link', { name: /Orrin Kestlewick/ })).toBeVisible()
  await expect(philippa).toHaveCount(0)
  await page.getByRole('button', { name: 'Put away (1)' }).click()
  await expect(philippa).toBeVisible()
  await page.getByRole('button', { name: /^Bring Philippa back/ }).click()
  await expect(page.getByText('Nobody is put away')).toBeVisible()
  await page.getByRole('button', { name: 'Show everybody who is visited' }).click()
  await expect(philippa).toBeVisible()
})

test('nothing has to be pushed sideways on the narrowest phone', async ({ page }) => {
  test.slow()
  await atTheRound(page)
  await page.setViewportSize({ width: 320, height: 700 })
  const { sessionId, items } = await visitTo(page, 'Orrin Kestlewick')
  const wide: string[] = []
  for (const path of [
    '/',
    '/clients',
    '/clients/new',
    '/clients/1',
    '/clients/1/health',
    '/clients/1/shelf',
    '/clients/1/rail',
    '/clients/1/ledger',
    '/clients/1/programme',
    '/catalogue',
    '/settings',
    `/swap/${items[0]?.id ?? 0}`,
    `/replan/${sessionId}`,
    `/floor/${sessionId}`,
  ]) {
    await page.goto(path)
    await expect(page.getByRole('heading').first()).toBeVisible()
    await page.waitForLoadState('networkidle')
    const width = await page.evaluate(() => document.documentElement.scrollWidth)
    if (width > 320) wide.push(`${path}: ${width}`)
  }
  expect(wide).toEqual([])
})
