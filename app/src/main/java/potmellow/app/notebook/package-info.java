/** A notebook of earlier days comes in: previewed, then taken in whole or not at all. */
package potmellow.app.notebook;
