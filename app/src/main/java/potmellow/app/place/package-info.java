/** Where vessels stand. Nothing here is null. */
package potmellow.app.place;
