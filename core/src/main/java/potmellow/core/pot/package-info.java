/** What stands in a pot: how much of what went in is still there, after everything that left it. Nothing here is null. */
package potmellow.core.pot;
