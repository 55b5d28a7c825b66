/** The people of a garden, their devices, and how both are let in. Nothing here is null. */
package potmellow.app.people;
