/** The description of the interface. Nothing here is null. */
package potmellow.app.openapi;
