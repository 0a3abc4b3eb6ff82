/** A form that a device sent, and how long after its answer the same one is the same tap. */
export interface Tap {
	device: string;
	key: string;
	withinMs: number;
	/** nothing was done: trying again is meant */
	isRefused(response: Response): Promise<boolean>;
}

/** What the processes that work on one database tell and keep from each other. */
export interface Together {
	/** tells every other process */
	tell(text: string): void;
	/** calls back for what others tell; `missed` after a time in which something may have been missed */
	hear(told: (text: string) => void, missed: () => void): void;
	/** does the work while no other process does anything under the same name */
	alone<T>(name: string, work: () => Promise<T>): Promise<T>;
	/** answers a tap, or, where it came to another process as well, gives what that one answered */
	once(tap: Tap, answer: () => Promise<Response>): Promise<Response>;
	/** starts something that runs in one process only, here or, once that one is gone, elsewhere; returns what stops it */
	inOneProcess(name: string, start: () => () => void): () => void;
}

/** The data folder is this process's own: nobody is there to be told, or to be kept out. */
export const byMyself: Together = {
	tell: () => undefined,
	hear: () => undefined,
	alone: (_, work) => work(),
	once: (_, answer) => answer(),
	inOneProcess: (_, start) => start()
};

let now: Together = byMyself;
export const together = (): Together => now;
export const setTogether = (to: Together): void => void (now = to);
