import { browser } from '$app/environment';

/** An entry that waited on this device and was not taken: why, what it was, and where it can be made again. */
export interface Refusal {
	says: string;
	entry: string;
	href: string;
}

const storageKey = 'almacen-refused';

/** Kept until the cook lets them go: what was entered is evidence. */
class Refusals {
	all = $state<Refusal[]>(
		browser ? (JSON.parse(localStorage.getItem(storageKey) ?? '[]') as Refusal[]) : []
	);

	add(refusal: Refusal): void {
		this.all = [...this.all, refusal];
		this.keep();
	}

	letGo(refusal: Refusal): void {
		this.all = this.all.filter((one) => one !== refusal);
		this.keep();
	}

	private keep(): void {
		localStorage.setItem(storageKey, JSON.stringify(this.all));
	}
}

export const refusals = new Refusals();
