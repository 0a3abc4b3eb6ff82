import { dayIn } from '../../present/time.ts';
import type { Db } from '../db/db.ts';
import { nowMs } from '../now.ts';
import { getHousehold } from './household.ts';

/** The day it is where the household lives, YYYY-MM-DD. */
export const todayAt = async (db: Db): Promise<string> =>
	dayIn(nowMs(), (await getHousehold(db)).timeZone);
