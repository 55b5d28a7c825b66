/** The methods and materials of the craft as data, checked when they are read. Nothing here is null. */
package potmellow.core.book;
