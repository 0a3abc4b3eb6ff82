import { pbmFromRgba } from '$lib/formats/pbm';
import { pdfPages } from './pdf-pages';

/** A roll printer's dots to the inch: common practice. */
const dpi = 203;
export type Trouble = 'no-paper' | 'slow' | 'silent' | 'refused';

/** Sends labels to the roll printer one by one; what went wrong waits for the cook, and the same label sent again prints once. */
export class RollPrint {
	total = $state(0);
	done = $state(0);
	trouble = $state<Trouble | null>(null);
	busy = $state(false);
	private pictures: Uint8Array<ArrayBuffer>[] = [];
	private job = '';

	async start(path: string): Promise<void> {
		this.busy = true;
		this.trouble = null;
		const { pages } = await pdfPages(path, { dpi });
		this.pictures = pages.map((page) => {
			const { width, height } = page;
			const pixels = page.getContext('2d')!.getImageData(0, 0, width, height).data;
			return pbmFromRgba(pixels, width, height);
		});
		this.total = this.pictures.length;
		this.done = 0;
		this.job = `${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 10)}`;
		await this.goOn();
	}

	/** From where it stopped. */
	async goOn(): Promise<void> {
		this.busy = true;
		this.trouble = null;
		while (this.done < this.total) {
			const outcome = await this.send(this.done);
			if (outcome !== 'printed' && outcome !== 'already') {
				this.trouble = outcome;
				break;
			}
			this.done++;
		}
		this.busy = false;
	}

	stop(): void {
		this.total = 0;
		this.trouble = null;
		this.pictures = [];
	}

	private async send(i: number): Promise<'printed' | 'already' | Trouble> {
		try {
			const answer = await fetch(`/labels/print?id=${this.job}-${i}`, {
				method: 'POST',
				headers: { 'content-type': 'image/x-portable-bitmap' },
				body: this.pictures[i]
			});
			return ((await answer.json()) as { outcome: Trouble }).outcome;
		} catch (error) {
			// no connection to the server: as if the printer did not answer
			if (!(error instanceof TypeError)) throw error;
			return 'silent';
		}
	}
}
