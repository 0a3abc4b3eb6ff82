import { applianceFields } from './appliance-fields.ts';
import { backup } from './backup.ts';
import { bestBy } from './best-by.ts';
import { bowlFields } from './bowl-fields.ts';
import { changeFreezerAnswers } from './change-freezer-answers.ts';
import { cookChart } from './cook-chart.ts';
import { cookRuler } from './cook-ruler.ts';
import { cookWay } from './cook-way.ts';
import { cookedNote } from './cooked-note.ts';
import { cool } from './cool.ts';
import { coolNew } from './cool-new.ts';
import { coolOne } from './cool-one.ts';
import { coolOneAnswers } from './cool-one-answers.ts';
import { coolingChecks } from './cooling-checks.ts';
import { coolingPlate } from './cooling-plate.ts';
import { dishChecks } from './dish-checks.ts';
import { dishForm } from './dish-form.ts';
import { fieldsChecks } from './fields-checks.ts';
import { freezer } from './freezer.ts';
import { freezerAnswers } from './freezer-answers.ts';
import { freezerFields } from './freezer-fields.ts';
import { freezerOne } from './freezer-one.ts';
import { hooksServerAnswers } from './hooks-server-answers.ts';
import { household } from './household.ts';
import { householdAnswers } from './household-answers.ts';
import { householdChecks } from './household-checks.ts';
import { householdRules } from './household-rules.ts';
import { keysButton } from './keys-button.ts';
import { kitchenFields } from './kitchen-fields.ts';
import { labelContent } from './label-content.ts';
import { labelLayout } from './label-layout.ts';
import { labelsPdfAnswers } from './labels-pdf-answers.ts';
import { linesTable } from './lines-table.ts';
import { measure } from './measure.ts';
import { menu } from './menu.ts';
import { menuNew } from './menu-new.ts';
import { menuOne } from './menu-one.ts';
import { pack } from './pack.ts';
import { packActionsAnswers } from './pack-actions-answers.ts';
import { packDishAnswers } from './pack-dish-answers.ts';
import { packOne } from './pack-one.ts';
import { packingChecks } from './packing-checks.ts';
import { rail } from './rail.ts';
import { readBackInAnswers } from './read-back-in-answers.ts';
import { rootError } from './root-error.ts';
import { rootLayout } from './root-layout.ts';
import { saveHouseholdAnswers } from './save-household-answers.ts';
import { shortcutKeys } from './shortcut-keys.ts';
import { shortcuts } from './shortcuts.ts';
import { slab } from './slab.ts';
import { start } from './start.ts';
import { startCoolingAnswers } from './start-cooling-answers.ts';
import { strip } from './strip.ts';
import { table } from './table.ts';
import { tableOne } from './table-one.ts';
import { undoLines } from './undo-lines.ts';
import { whatIf } from './what-if.ts';
import { why } from './why.ts';

/** Everything the screens, forms, answers and labels say, in English, by the file that says it. */
export const en = {
	applianceFields,
	backup,
	bestBy,
	bowlFields,
	changeFreezerAnswers,
	cookChart,
	cookRuler,
	cookWay,
	cookedNote,
	cool,
	coolNew,
	coolOne,
	coolOneAnswers,
	coolingChecks,
	coolingPlate,
	dishChecks,
	dishForm,
	fieldsChecks,
	freezer,
	freezerAnswers,
	freezerFields,
	freezerOne,
	hooksServerAnswers,
	household,
	householdAnswers,
	householdChecks,
	householdRules,
	keysButton,
	kitchenFields,
	labelContent,
	labelLayout,
	labelsPdfAnswers,
	linesTable,
	measure,
	menu,
	menuNew,
	menuOne,
	pack,
	packActionsAnswers,
	packDishAnswers,
	packOne,
	packingChecks,
	rail,
	readBackInAnswers,
	rootError,
	rootLayout,
	saveHouseholdAnswers,
	shortcutKeys,
	shortcuts,
	slab,
	start,
	startCoolingAnswers,
	strip,
	table,
	tableOne,
	undoLines,
	whatIf,
	why
};
