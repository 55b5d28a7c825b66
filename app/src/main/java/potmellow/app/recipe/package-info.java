/** A method scaled to what is in hand. Nothing here is null. */
package potmellow.app.recipe;
