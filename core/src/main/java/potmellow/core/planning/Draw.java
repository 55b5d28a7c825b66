package potmellow.core.planning;

import potmellow.core.measure.Volume;

/**
 * What is taken of brew that is there already, or bought.
 *
 * @param stored what it is taken from
 * @param demand what it is taken for
 * @param amount how much
 */
record Draw(Stored stored, Demand demand, Volume amount) {}
