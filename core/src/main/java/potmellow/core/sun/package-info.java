/** When the sun rises and sets over a garden. */
package potmellow.core.sun;
