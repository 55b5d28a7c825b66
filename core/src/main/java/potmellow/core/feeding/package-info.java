/** How much of a mix the plants need, and whether it does them good. Nothing here is null. */
package potmellow.core.feeding;
