/** What goes into a vessel, how high it stands there, and what comes out again: nothing is made from nothing. */
package potmellow.core.balance;
