import { benchFreezer } from './freezer.ts';
import { benchLabels } from './labels.ts';
import { benchLines } from './lines.ts';
import { benchMenu } from './menu.ts';
import { benchScreens } from './screens.ts';
import { benchLearn } from './learn.ts';
import { benchTable } from './table.ts';
import { benchCommits } from './commits.ts';
import { benchDatabases } from './databases.ts';
import { benchManyPacks } from './many-packs.ts';
import { benchSchedule } from './schedule.ts';

import { benchAnswers, benchCellStep, benchErrorAgainstCost, benchGrowth } from './core.ts';

/** Ratios to a baseline of the same run are what counts; milliseconds vary by machine. `npm run bench -- NAME` runs one. */
const parts: Record<string, () => void | Promise<void>> = {
	'cell-step': benchCellStep,
	answers: benchAnswers,
	error: benchErrorAgainstCost,
	growth: benchGrowth,
	lines: benchLines,
	menu: benchMenu,
	schedule: benchSchedule,
	labels: benchLabels,
	freezer: benchFreezer,
	table: benchTable,
	learn: benchLearn,
	screens: benchScreens,
	commits: benchCommits,
	databases: benchDatabases,
	packs: benchManyPacks
};
const only = process.argv[2];
for (const [name, run] of Object.entries(parts)) if (!only || only === name) await run();
