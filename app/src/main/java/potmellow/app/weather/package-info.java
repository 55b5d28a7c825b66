/** The weather of a garden: what was written down or taken in, else a simulated stand-in. Nothing here is null. */
package potmellow.app.weather;
