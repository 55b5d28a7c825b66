/** Practice pots: lessons, what is done in them, and how far somebody has got. Nothing of it mixes with the garden's own. Nothing here is null. */
package potmellow.app.practice;
