/**
 * One making of a method: what happened to it, in order, what it is by that, what may be done to it next and what that makes of it.
 * Nothing here is null.
 */
package potmellow.core.pot;
