/** Plain terms of the craft that every room uses: families, acts, clocks, stated numbers and windows. Nothing here is null. */
package potmellow.core.craft;
