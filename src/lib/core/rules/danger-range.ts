/** The danger range: food is kept colder or hotter, °C (USDA FSIS: 4 to 60; Food Code: 5). */
export const dangerC = { from: 5, to: 60 } as const;
