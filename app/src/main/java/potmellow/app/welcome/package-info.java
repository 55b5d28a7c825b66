/** The first run: four questions, suggested places and vessels. Nothing here is null. */
package potmellow.app.welcome;
