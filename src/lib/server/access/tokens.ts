import { createHash, randomBytes } from 'node:crypto';

/** 256 random bits that open something, as text for a cookie, an address or a header. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** What is kept of a token: who reads the disk cannot use it. */
export const tokenHash = (token: string): string =>
	createHash('sha256').update(token).digest('base64url');
