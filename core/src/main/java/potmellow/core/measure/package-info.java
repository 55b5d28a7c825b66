/** Quantities, the units people own, and amounts that can truly be measured. Nothing here is null. */
package potmellow.core.measure;
