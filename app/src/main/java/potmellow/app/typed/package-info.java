/** How what is being typed is understood, before anything is done with it. Nothing here is null. */
package potmellow.app.typed;
