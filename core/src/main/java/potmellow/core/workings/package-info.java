/** The sums that a gardener cannot do by hand, each with its working and source. Nothing here is null. */
package potmellow.core.workings;
