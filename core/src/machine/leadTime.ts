/** Days a part takes, where neither the store nor the shop says. common practice: about a week. */
export const USUAL_LEAD_DAYS = 7
