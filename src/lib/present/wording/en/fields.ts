import type { Shown } from '../shown.ts';

export const fieldsChecks = {
	day: ({ label, example }: { label: Shown; example: Shown }) =>
		`${label}: write a day such as ${example}, or today.`,
	amount: ({ label, example }: { label: Shown; example: Shown }) =>
		`${label}: write an amount such as ${example}.`,
	atLeast: ({ label, least }: { label: Shown; least: Shown }) => `${label}: at least ${least}.`,
	atMost: ({ label, most, why }: { label: Shown; most: Shown; why: Shown }) =>
		`${label}: at most ${most}.${why}`,
	wholeNumber: ({ label }: { label: Shown }) => `${label}: write a whole number.`,
	atMostNumber: ({ label, most }: { label: Shown; most: Shown }) => `${label}: at most ${most}.`,
	choose: ({ label }: { label: Shown }) => `${label}: choose one of the list.`,
	tooLong: ({ label, most }: { label: Shown; most: Shown }) =>
		`${label}: at most ${most} characters.`
};
