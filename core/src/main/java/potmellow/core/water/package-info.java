/** Water: what the tap brings that kills a culture, and how to be rid of it; oxygen in it. Nothing here is null. */
package potmellow.core.water;
