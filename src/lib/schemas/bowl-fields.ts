/** Names of the fields that describe a cooker's bowl in a form, by the cooker's prefix. */
export const bowlFields = <const P extends string>(prefix: P) => ({
	kind: `${prefix}BowlKind` as const,
	lengthM: `${prefix}BowlLengthM` as const,
	widthM: `${prefix}BowlWidthM` as const,
	depthM: `${prefix}BowlDepthM` as const
});
