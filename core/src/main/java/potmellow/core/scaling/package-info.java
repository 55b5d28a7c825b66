/** From whatever is in hand to exact amounts, and whether they fit. Nothing here is null. */
package potmellow.core.scaling;
