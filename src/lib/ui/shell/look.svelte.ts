export type Look = 'device' | 'light' | 'dark';

const storageKey = 'almacen-look';

/** Light or dark on this device: as the device is set, or chosen. `app.html` applies it before the first paint. */
class LookChoice {
	now = $state<Look>('device');

	read(): void {
		const kept = localStorage.getItem(storageKey);
		this.now = kept === 'light' || kept === 'dark' ? kept : 'device';
	}

	set(look: Look): void {
		this.now = look;
		localStorage.setItem(storageKey, look);
		document.documentElement.dataset.look = look;
	}
}

export const look = new LookChoice();
