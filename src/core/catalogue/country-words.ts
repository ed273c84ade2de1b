/** How far one sees in a country, how many insects bite, and how much wood burns. */
export const views = ['closed', 'broken', 'open'] as const;
export const swarms = ['few', 'some', 'many'] as const;
export const woods = ['plenty', 'some', 'none'] as const;
export const waters = ['everywhere', 'here and there', 'none'] as const;
