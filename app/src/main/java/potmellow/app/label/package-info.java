/** Labels to print, and what a code holds. Nothing here is null. */
package potmellow.app.label;
