/** The methods of the book, as the screens list them. Nothing here is null. */
package potmellow.app.book;
