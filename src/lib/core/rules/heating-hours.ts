import type { Content } from '../appliances/question.ts';
import type { Advice } from './reasons.ts';

/**
 * Hours that the worst cell may spend between 5 and 60 °C while food gets hot, at the unfavourable end (docs/safety.md): raw meat as
 * slow cooking allows it, cooked food hot again within two hours (US FDA Food Code 2022, 3-403.11) and never over four.
 */
export const heatingH: Readonly<Record<Content, { caution: number; refused: number }>> = {
	'raw-meat': { caution: 4, refused: 6 },
	cooked: { caution: 2, refused: 4 },
	plain: { caution: 2, refused: 4 }
};

export const heatingVerdict = (content: Content, hours: number): Advice => {
	const { caution, refused } = heatingH[content];
	return hours > refused ? 'refused' : hours > caution ? 'caution' : 'good';
};
