/** Reading CSV files (RFC 4180) that a gardener takes in. Nothing here is null. */
package potmellow.app.csv;
