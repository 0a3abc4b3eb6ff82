export const householdAnswers = {
	fileChooseAnExported: 'File: choose an exported file.'
};
