/** Rules of the craft as values: what was tested, what was found, and how much it matters. Nothing here is null. */
package potmellow.core.rule;
