/** From a list of things in hand to everything that can be made of them. Nothing here is null. */
package potmellow.core.pantry;
