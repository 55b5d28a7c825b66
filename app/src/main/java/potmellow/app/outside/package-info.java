/** The open door for readings from outside: by HTTP with a token, or as a CSV file. Nothing here is null. */
package potmellow.app.outside;
