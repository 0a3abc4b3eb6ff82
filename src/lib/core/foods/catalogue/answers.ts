import type { Family } from './row.ts';

/** What a cook may say of a line that no name of the catalogue is in: the class it belongs to, nothing more. Judgement. */
export const answers: Family = {
	facts: { aisle: 'other', keeps: 'days', storage: 'vegetables', hygiene: 'ready-to-eat', cupG: 150 },
	rows: [
		['other vegetable or fruit', '', [1.3, 0.3, 6, 2.2, 0.8], { hygiene: 'raw-vegetable', aisle: 'greens', mixed: true }],
		['other seasoning or sauce', '', [3, 3, 15, 3, 8], { storage: null, keeps: 'cupboard', aisle: 'spices', cupG: 200, checkPacket: true, mixed: true }],
		['other grain or bread', '', [10, 3, 65, 5, 2], { storage: 'grains-pulses', keeps: 'cupboard', aisle: 'dry', allergens: ['cereals (wheat)'], checkPacket: true, mixed: true }],
		['other dairy', '', [8, 12, 5, 0, 1.2], { storage: 'soft-dairy', aisle: 'dairy', allergens: ['milk'], checkPacket: true, like: 'soft cheese', mixed: true }]
	]
};
