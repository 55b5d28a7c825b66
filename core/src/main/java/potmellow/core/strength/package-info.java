/** How strong a mix is, in everybody's words, and how much of it fills which can. Nothing here is null. */
package potmellow.core.strength;
