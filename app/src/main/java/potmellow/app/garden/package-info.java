/** The garden, root of all data. Nothing here is null. */
package potmellow.app.garden;
