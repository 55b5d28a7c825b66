/** The bench over HTTP: instruments that keep nothing, and what of the garden they can start from. Nothing here is null. */
package potmellow.app.bench;
