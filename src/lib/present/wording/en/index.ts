import { cookDayCard } from './cook-day-card.ts';
import { contentsList } from './contents-list.ts';
import { labelsPage } from './labels-page.ts';
import { already } from './already.ts';
import { stockTable } from './stock-table.ts';
import { scan } from './scan.ts';
import { countUp } from './count-up.ts';
import { powerCut } from './power-cut.ts';
import { temperatures } from './temperatures.ts';
import { fill } from './fill.ts';
import { containersPage } from './containers.ts';
import { packPlan } from './pack-plan.ts';
import { packDeeds } from './pack-deeds.ts';
import { dishCare } from './dish-care.ts';
import { menuDay } from './menu-day.ts';
import { pantry } from './pantry.ts';
import { recipeImport } from './recipe-import.ts';
import { onATimer } from './on-a-timer.ts';
import { packOtherwise } from './pack-otherwise.ts';
import { gates } from './gates.ts';
import { probes } from './probes.ts';
import { prep } from './prep.ts';
import { runSheet } from './run-sheet.ts';
import { shop } from './shop.ts';
import { applianceFields } from './appliance-fields.ts';
import { backup } from './backup.ts';
import { bestBy } from './best-by.ts';
import { bowlFields } from './bowl-fields.ts';
import { changeFreezerAnswers } from './change-freezer-answers.ts';
import { cookLog } from './cook-log.ts';
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
import { late } from './late.ts';
import { labelContent } from './label-content.ts';
import { labelLayout } from './label-layout.ts';
import { labelsPdfAnswers } from './labels-pdf-answers.ts';
import { linesEditor } from './lines-editor.ts';
import { linesTable } from './lines-table.ts';
import { measure } from './measure.ts';
import { menu } from './menu.ts';
import { menuNew } from './menu-new.ts';
import { menuOne } from './menu-one.ts';
import { pack } from './pack.ts';
import { packChart } from './pack-chart.ts';
import { packActionsAnswers } from './pack-actions-answers.ts';
import { packDishAnswers } from './pack-dish-answers.ts';
import { packOne } from './pack-one.ts';
import { packingChecks } from './packing-checks.ts';
import { rail } from './rail.ts';
import { readBackInAnswers } from './read-back-in-answers.ts';
import { rootError } from './root-error.ts';
import { rootLayout } from './root-layout.ts';
import { routes } from './routes.ts';
import { saveHouseholdAnswers } from './save-household-answers.ts';
import { shortcutKeys } from './shortcut-keys.ts';
import { shortcuts } from './shortcuts.ts';
import { slab } from './slab.ts';
import { start } from './start.ts';
import { startCoolingAnswers } from './start-cooling-answers.ts';
import { steps } from './steps.ts';
import { strip } from './strip.ts';
import { table } from './table.ts';
import { tableOne } from './table-one.ts';
import { timers } from './timers.ts';
import { undoLines } from './undo-lines.ts';
import { whatIf } from './what-if.ts';
import { why } from './why.ts';

/** Everything the screens, forms, answers and labels say, in English, by the file that says it. */
export const en = {
	cookDayCard,
	contentsList,
	labelsPage,
	already,
	stockTable,
	scan,
	countUp,
	powerCut,
	temperatures,
	fill,
	containersPage,
	packPlan,
	packDeeds,
	dishCare,
	menuDay,
	pantry,
	recipeImport,
	packOtherwise,
	prep,
	onATimer,
	probes,
	gates,
	runSheet,
	shop,
	applianceFields,
	backup,
	bestBy,
	bowlFields,
	changeFreezerAnswers,
	cookChart,
	cookLog,
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
	late,
	labelLayout,
	labelsPdfAnswers,
	linesEditor,
	linesTable,
	measure,
	menu,
	menuNew,
	menuOne,
	pack,
	packActionsAnswers,
	packChart,
	packDishAnswers,
	packOne,
	packingChecks,
	rail,
	readBackInAnswers,
	rootError,
	rootLayout,
	routes,
	saveHouseholdAnswers,
	shortcutKeys,
	shortcuts,
	slab,
	start,
	startCoolingAnswers,
	steps,
	strip,
	table,
	tableOne,
	timers,
	undoLines,
	whatIf,
	why
};
