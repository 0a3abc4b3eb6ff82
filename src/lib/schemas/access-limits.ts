/** Characters of the household's passphrase at least (judgement: four short words). */
export const leastPassphrase = 10;
/** Longest name of a device or a program, characters. */
export const mostName = 40;
