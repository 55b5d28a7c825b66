/** What can be made of what is in hand, and what plants need. Nothing here is null. */
package potmellow.app.pantry;
