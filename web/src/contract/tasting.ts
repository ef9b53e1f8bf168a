/** Kinds of sitting: one person with glasses of their own, an evening with one order for all, a panel with an order a seat. */
export const tastingKinds = ['solo', 'table', 'panel'] as const;
