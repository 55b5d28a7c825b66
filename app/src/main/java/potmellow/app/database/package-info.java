/** The private database server, and how instants lie in its columns. Nothing here is null. */
package potmellow.app.database;
