package potmellow.core.planning;

/**
 * When and in what a pot is set.
 *
 * @param start the day, from today
 * @param vat the vessel
 */
record Slot(int start, Vat vat) {}
