/** What others take from here; files beside it are its own. */
export { refrigeratorDays } from './after-thawing.ts';
export { aisleNames, type Aisle } from './aisles.ts';
export { containerKeys, containers, type ContainerKey } from './containers.ts';
export { coreTemperaturesC, type CoreTemperatureClass } from './core-temperatures.ts';
export { cookerFill01, dayWork, placeL } from './day-work.ts';
export { dishKindNames, dishKinds, tenderC, type DishKind } from './dish-kinds.ts';
export { freezerKinds, type FreezerKind } from './freezer-kinds.ts';
export { labelPaperKeys, labelPapers, rollPaper, type LabelPaper } from './label-papers.ts';
export { lateKinds } from './late-additions.ts';
export { mostBareHours, possibleMin } from './recipe-times.ts';
export { sources, type SourceKey } from './sources.ts';
export { storageLifeTable, type StorageGroup } from './storage-life.ts';
