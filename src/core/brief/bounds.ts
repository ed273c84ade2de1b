/** How much of each a brief holds. */
export const mostPeople = 30;
export const mostMedicines = 20;
export const mostBeside = 20;
export const mostFilled = 60;
/** How many schemes a kit orders by itself, and how many categories one has: some more than its own and what lies beyond. */
export const mostLaneOrders = 40;
export const mostLanes = 60;
export const mostRules = 60;
export const mostLinePoints = 600;
export const mostNights = 366;
