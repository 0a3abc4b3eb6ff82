import { randomBytes } from 'node:crypto';
import type { Db } from '../../db/db.ts';
import { saveHousehold } from '../../writes/household.ts';

/** Makes the calendar of meals an address of its own; the one before ends. */
export const newCalendarToken = (db: Db): Promise<void> =>
	saveHousehold(db, { calendarToken: randomBytes(18).toString('base64url') });
