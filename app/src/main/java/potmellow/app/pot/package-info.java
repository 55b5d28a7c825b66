/** Pots: set, checked, judged, strained. Nothing here is null. */
package potmellow.app.pot;
