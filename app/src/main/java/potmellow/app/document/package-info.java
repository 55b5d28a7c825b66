/** The whole garden as one open document: a zip of JSON Lines that goes out while it runs and comes into an empty garden. Nothing is null. */
package potmellow.app.document;
