/** How far one sees in a country, how many insects bite, how much wood burns, and where water is found. */
export const views = ['closed', 'broken', 'open'] as const;
export const swarms = ['few', 'some', 'many'] as const;
export const woods = ['plenty', 'some', 'none'] as const;
export const waters = ['everywhere', 'here and there', 'none'] as const;
