import assert from 'node:assert/strict';
import { it } from 'node:test';
import { metricHabit, usHabit } from './habit.ts';
import { currencies, priceText } from './money.ts';

it('a price is shown in the household’s currency, with as many digits as that has (ISO 4217: the yen has none)', () => {
	assert.equal(priceText(320, metricHabit), '3.20');
	assert.equal(priceText(320, { ...metricHabit, currency: 'EUR' }), '€3.20');
	assert.equal(priceText(320, { ...usHabit, currency: 'USD' }), '$3.20');
	assert.match(priceText(32_000, { ...metricHabit, currency: 'JPY' }), /^(¥|JP¥)320$/);
	assert.ok(currencies().some(({ value, name }) => value === 'CHF' && /Swiss/.test(name)));
});
