import { expect, test } from './household';
import { addresses, faultsOf } from './screens';

test.use({ house: { name: 'accessibility-second', from: 'demo' } });

test('the second half of the screens, each loaded once: axe finds nothing in light or dark, and nothing is wider than a phone', async ({
	page
}) => {
	test.setTimeout(300_000);
	const mine = (await addresses(page)).filter((_, i) => i % 2 === 1);
	expect(await faultsOf(page, mine)).toEqual([]);
});
