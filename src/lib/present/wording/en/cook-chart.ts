import type { Shown } from '../shown.ts';

export const cookChart = {
	danger: (from: Shown, to: Shown) => `${from} to ${to}: germs grow`,
	core: (temperature: Shown) => `done at ${temperature}`,
	label: (names: Shown) => `Core temperature until serving: ${names}`,
	title: 'Core temperature'
};
