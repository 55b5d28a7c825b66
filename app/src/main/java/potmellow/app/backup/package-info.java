/** Copies of the whole database: made daily and before each upgrade, checked by reading them back, and put back. Nothing is null. */
package potmellow.app.backup;
