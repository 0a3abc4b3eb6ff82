import { execFileSync } from 'node:child_process';
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';

const run = (program: string, ...args: string[]) =>
	execFileSync(program, args, { stdio: ['ignore', 'ignore', 'pipe'] });

/** A file system of its own in a file (as root): its image is what a disk would hold. */
export class LoopDisk {
	readonly dir: string;
	private constructor(
		readonly image: string,
		name: string
	) {
		this.dir = `${image}.${name}`;
	}

	static make(root: string, megabytes: number): LoopDisk {
		const disk = new LoopDisk(join(root, 'disk.img'), 'live');
		run('truncate', '-s', `${megabytes}M`, disk.image);
		run('mkfs.ext4', '-q', '-F', disk.image);
		disk.mount();
		return disk;
	}

	/** What a power cut at this moment would leave, mounted. */
	cut(name: string): LoopDisk {
		const image = `${this.image}.${name}`;
		run('cp', '--sparse=always', this.image, image);
		const left = new LoopDisk(image, 'left');
		left.mount();
		return left;
	}

	private mount(): void {
		mkdirSync(this.dir, { recursive: true });
		run('mount', '-o', 'loop', this.image, this.dir);
	}

	drop(): void {
		run('umount', this.dir);
		rmSync(this.dir, { recursive: true });
		rmSync(this.image);
	}
}
