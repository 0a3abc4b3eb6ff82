import * as w from '../../present/wording/index.ts';
import { goto } from '$app/navigation';

/** One key and what it does; keys work when nothing is being typed. */
export interface Shortcut {
	key: string;
	does: string;
	run: () => void;
}

const storageKey = 'almacen-single-keys';

/** Whether single keys are listened to on this device; they can be switched off (speech input types them by accident). */
class SingleKeys {
	on = $state(true);

	/** Reads the device's choice; in the browser only. */
	read(): void {
		this.on = localStorage.getItem(storageKey) !== 'off';
	}

	set(on: boolean): void {
		this.on = on;
		localStorage.setItem(storageKey, on ? 'on' : 'off');
	}
}

export const singleKeys = new SingleKeys();
/** Whether the list of keys is shown. */
export const keyList = $state({ open: false });
/** Whether the search of everything is shown. */
export const findPanel = $state({ open: false });

const to = (path: string) => () => void goto(path);
const click = (selector: string) => () => document.querySelector<HTMLElement>(selector)?.click();

/** Every key of the application, in the order the list shows them. */
export const shortcuts: readonly Shortcut[] = [
	{ key: '1', does: w.shortcutKeys.menu, run: to('/menu') },
	{ key: '2', does: w.shortcutKeys.shop, run: to('/shop') },
	{ key: '3', does: w.shortcutKeys.prep, run: to('/prep') },
	{ key: '4', does: w.shortcutKeys.cool, run: to('/cool') },
	{ key: '5', does: w.shortcutKeys.pack, run: to('/pack') },
	{ key: '6', does: w.shortcutKeys.freezer, run: to('/freezer') },
	{ key: '7', does: w.shortcutKeys.table, run: to('/table') },
	{ key: '0', does: w.shortcutKeys.household, run: to('/household') },
	{ key: 'h', does: w.help.title, run: to('/help') },
	{ key: 'd', does: w.shortcutKeys.writeADish, run: to('/menu/new') },
	{ key: 'k', does: w.shortcutKeys.startCooling, run: to('/cool/new') },
	{
		key: 'f',
		does: w.shortcutKeys.findPack,
		run: () => void goto('/freezer').then(() => document.getElementById('code')?.focus())
	},
	{ key: 'b', does: w.shortcutKeys.beginNext, run: click('[data-begin]') },
	{ key: 'e', does: w.shortcutKeys.endFirst, run: click('[data-finish]') },
	{ key: 'u', does: w.shortcutKeys.undo, run: click('[data-undo]') },
	{
		key: 'w',
		does: w.shortcutKeys.skip,
		run: () => document.getElementById('work')?.focus()
	}
];

/** Whether a key press belongs to something being typed or chosen, or to the browser. */
export function isTyping(event: KeyboardEvent): boolean {
	if (event.ctrlKey || event.metaKey || event.altKey || event.isComposing) return true;
	const target = event.target as HTMLElement | null;
	return (
		target !== null &&
		(target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
	);
}
