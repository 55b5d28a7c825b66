/** What kind of weather a garden has. Nothing here is null. */
package potmellow.core.climate;
