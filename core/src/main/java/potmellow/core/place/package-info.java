/** Where pots stand: how warm a place is as the weather goes, and where a pot stood when. Nothing here is null. */
package potmellow.core.place;
