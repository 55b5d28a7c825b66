package potmellow.core.planning;

import java.time.LocalDate;

/**
 * What an earlier plan said of a step, and the gardener may have in mind.
 *
 * @param step the step's id
 * @param title what it makes, for words
 * @param start the day it was to be set
 * @param vat the vessel it was to be set in
 * @param spot the place where it was to stand
 * @param until the day that vessel was to be free again
 */
public record Kept(String step, String title, LocalDate start, String vat, String spot, LocalDate until) {}
