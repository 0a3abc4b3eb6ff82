import * as yup from 'yup';
import type { OwnedAppliances } from '../core/kitchen/index.ts';
import { applianceNames } from '../core/appliances/index.ts';
import { freezerKinds } from '../core/published/index.ts';
import { dayEventKinds } from '../core/schedule/index.ts';
import { thawPlaces } from '../core/rules/index.ts';

/** A whole number, as it stands in a file. */
export const int = () => yup.number().integer().strict().defined();
const real = () => yup.number().strict().defined();
const text = () => yup.string().strict().defined();
const json = () =>
	yup
		.mixed<NonNullable<unknown>>(
			(value): value is NonNullable<unknown> => typeof value === 'object'
		)
		.defined();
const day = () => text().matches(/^\d{4}-\d{2}-\d{2}$/);
const oneOf = <const T extends string>(values: readonly T[]) =>
	yup
		.mixed<T>((value): value is T => values.includes(value as T))
		.defined()
		.nonNullable();

/** What a row of each table of an exported file is. */
export const tables = {
	household: yup.object({
		id: int(),
		system: oneOf(['metric', 'us']),
		temperature: oneOf(['c', 'f']),
		altitudeM: real(),
		roomC: real(),
		refrigeratorC: real(),
		timeZone: text(),
		clock: oneOf(['24', '12']),
		dayOrder: oneOf(['dmy', 'mdy', 'ymd']),
		leads: oneOf(['best-by', 'good-to']),
		limits: json(),
		settledAtMs: int().nullable(),
		houseMonths: int().nullable(),
		freezeAnyway: yup.array(text()).defined(),
		labelNutrition: yup.boolean().strict().defined(),
		budgetCents: int().nullable(),
		currency: text().nullable(),
		calendarToken: text().nullable(),
		eaters: int().nullable(),
		weighed: yup.mixed<Record<string, number>>().defined().nonNullable(),
		labelSetup: json(),
		slowCooker: json(),
		pressureCooker: json(),
		oven: json(),
		owned: yup
			.object({
				appliances: yup.array(oneOf(applianceNames)).defined(),
				microwaveW: yup.number().strict(),
				boil: yup.object({ litres: real(), minutes: real() }).noUnknown().default(undefined),
				paces: yup.mixed<NonNullable<OwnedAppliances['paces']>>().nonNullable(),
				forgotten: yup.mixed<NonNullable<OwnedAppliances['forgotten']>>().nonNullable()
			})
			.noUnknown()
			.defined()
	}),
	freezers: yup.object({
		id: int(),
		name: text(),
		volumeL: real(),
		setC: real(),
		settings: json(),
		kind: oneOf(freezerKinds),
		probe: text().nullable(),
		removedAtMs: int().nullable()
	}),
	shelves: yup.object({
		id: int(),
		freezerId: int(),
		name: text(),
		position: int(),
		removedAtMs: int().nullable()
	}),
	dishes: yup.object({
		id: int(),
		name: text(),
		servings: int(),
		kind: text(),
		state: oneOf(['raw', 'cooked']),
		method: text(),
		addOnDay: text(),
		instruction: json().nullable(),
		allergens: json().nullable(),
		steps: json().nullable(),
		pieces: json().nullable(),
		plateOf: json().nullable(),
		standsFor: text().nullable(),
		learned: json(),
		usualBatches: int().nullable(),
		createdAtMs: int(),
		version: int(),
		removedAtMs: int().nullable()
	}),
	ingredientLines: yup.object({
		id: int(),
		dishId: int(),
		position: int(),
		text: text(),
		quantity: real().nullable(),
		quantityTo: real().nullable(),
		unit: text().nullable(),
		item: text(),
		itemName: text().nullable(),
		cut: text(),
		stage: text(),
		form: text().nullable(),
		optional: yup.boolean().strict().defined(),
		alternatives: yup.array(text()).defined(),
		understood: oneOf(['full', 'item', 'text', 'heading']),
		doubts: yup.array(text()).defined()
	}),
	coolingRuns: yup.object({
		id: int(),
		dishId: int().nullable(),
		name: text(),
		vessel: oneOf(['pot', 'dish', 'tray', 'bag']),
		place: oneOf(['counter', 'ice-bath', 'refrigerator', 'freezer']),
		volumeL: real(),
		depthM: real(),
		input: json(),
		forecast: json(),
		startedAtMs: int(),
		endedAtMs: int().nullable(),
		dayId: int().nullable(),
		probe: text().nullable(),
		reheatOfId: int().nullable(),
		decisions: json()
	}),
	coolingReadings: yup.object({
		id: int(),
		runId: int(),
		atMs: int(),
		tempC: real(),
		source: oneOf(['hand', 'file', 'probe']),
		removed: yup.boolean().strict().defined()
	}),
	packings: yup.object({
		id: int(),
		dishId: int().nullable(),
		name: text().nullable(),
		itemName: text().nullable(),
		coolingRunId: int().nullable(),
		dayId: int().nullable(),
		packedOn: day(),
		dayKnown: oneOf(['day', 'about', 'unknown']),
		boughtOn: day().nullable(),
		cookedOn: day().nullable(),
		thawedBefore: yup.boolean().strict().defined(),
		servings: int(),
		pieces: json().nullable(),
		container: text(),
		massKg: real(),
		lengthM: real(),
		widthM: real(),
		thicknessM: real(),
		state: oneOf(['raw', 'cooked']),
		content: oneOf(['raw-meat', 'cooked', 'plain']),
		core: text(),
		coreC: real(),
		servingCents: real().nullable(),
		allergens: yup.array(text()).defined(),
		allergensKnown: yup.boolean().strict().defined(),
		nutrition: json().nullable(),
		storage: json(),
		card: json().nullable(),
		cardInput: json().nullable()
	}),
	packs: yup.object({
		id: int(),
		code: text(),
		packingId: int(),
		number: int(),
		of: int(),
		shelfId: int(),
		status: oneOf(['reserved', 'frozen', 'thawing', 'cooked', 'given', 'discarded']),
		part01: real(),
		massKg: real().nullable(),
		frozenAtMs: int().nullable(),
		pulledAtMs: int().nullable(),
		thawPlace: oneOf(thawPlaces).nullable(),
		bestBy: day().nullable(),
		lostDays: int(),
		splitFrom: text().nullable(),
		cookedAtMs: int().nullable(),
		reason: text().nullable(),
		assumed: json().nullable(),
		version: int()
	}),
	packEvents: yup.object({ id: int(), packId: int(), atMs: int(), kind: text(), detail: text() }),
	freezerReadings: yup.object({
		id: int(),
		freezerId: int(),
		atMs: int(),
		tempC: real(),
		source: oneOf(['hand', 'file', 'thermometer'])
	}),
	containerStock: yup.object({ id: int(), container: text(), owned: int() }),
	cooks: yup.object({
		id: int(),
		packId: int(),
		atMs: int(),
		method: json(),
		route: text(),
		setMin: real(),
		coreC: real().nullable(),
		outcome: oneOf(['under', 'right', 'over']).nullable(),
		enough: oneOf(['too-little', 'enough', 'too-much']).nullable(),
		forecastMin: real().nullable(),
		withAppliance: text().nullable(),
		note: text()
	}),
	cookSheets: yup.object({
		id: int(),
		codes: yup.array(text()).defined(),
		facts: json(),
		plan: json(),
		convert: json(),
		ticks: json(),
		readings: json(),
		token: text(),
		startedAtMs: int(),
		endedAtMs: int().nullable(),
		ended: oneOf(['served', 'left']).nullable(),
		version: int()
	}),
	leftovers: yup.object({
		id: int(),
		name: text(),
		codes: yup.array(text()).defined(),
		servings: real(),
		storedAtMs: int(),
		eatBy: day(),
		endedAtMs: int().nullable(),
		ended: oneOf(['eaten', 'thrown', 'frozen']).nullable()
	}),
	plannedMeals: yup.object({
		id: int(),
		uid: text(),
		onDay: day(),
		serveAt: text().matches(/^\d{2}:\d{2}$/),
		kind: oneOf(['packs', 'leftovers', 'note']),
		codes: yup.array(text()).defined(),
		name: text(),
		eaters: int(),
		way: json().nullable(),
		createdAtMs: int(),
		version: int()
	}),
	packingDays: yup.object({
		id: int(),
		onDay: day(),
		createdAtMs: int(),
		removedAtMs: int().nullable(),
		run: json().nullable()
	}),
	dayEvents: yup.object({
		id: int(),
		uid: text(),
		dayId: int(),
		kind: oneOf(dayEventKinds),
		key: text(),
		value: real().nullable(),
		atMs: int()
	}),
	dayDishes: yup.object({
		id: int(),
		dayId: int(),
		dishId: int(),
		position: int(),
		batches: int(),
		portions: json()
	}),
	prices: yup.object({
		id: int(),
		itemName: text(),
		label: text(),
		sizeKg: real(),
		priceCents: int(),
		shop: text(),
		onDay: day().nullable()
	}),
	stock: yup.object({ id: int(), itemName: text(), massKg: real() }),
	shopMarks: yup.object({
		id: int(),
		dayId: int(),
		key: text(),
		ticked: yup.boolean().strict().defined(),
		paidCents: int().nullable(),
		comes: text().nullable(),
		atMs: int()
	}),
	dishNotes: yup.object({ id: int(), dishId: int(), atMs: int(), text: text() }),
	dishVersions: yup.object({ id: int(), dishId: int(), atMs: int(), content: json() }),
	dishPictures: yup.object({ id: int(), dishId: int(), jpeg: text(), atMs: int() })
} as const;

export type BackupTable = keyof typeof tables;
export type BackupTables = { [T in BackupTable]: yup.InferType<(typeof tables)[T]>[] };
