/** Brew diluted for a use, and poured. Nothing here is null. */
package potmellow.app.mix;
