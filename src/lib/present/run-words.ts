import type { DayTask } from '../core/schedule/index.ts';
import * as w from './wording/index.ts';

/** What a task says to the cook. */
export function taskText(task: Pick<DayTask, 'kind' | 'text'>): string {
	switch (task.kind) {
		case 'cool':
			return w.runSheet.cool({ dish: task.text });
		case 'stir':
			return w.runSheet.stir({ dish: task.text });
		case 'tend':
			return w.runSheet.tend({ step: task.text });
		case 'put-back':
			return w.runSheet.putBack({ what: task.text });
		case 'tray':
			return w.runSheet.tray({ dish: task.text });
		case 'pack':
			return w.runSheet.pack({ dish: task.text });
		case 'pause':
			return w.runSheet.pauseTask;
		case 'chop':
		case 'heat-oven':
		case 'step':
			return task.text;
	}
}
