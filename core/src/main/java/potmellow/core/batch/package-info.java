/** One making of a method: what happened to it so far, and everything the craft makes of that. Nothing here is null. */
package potmellow.core.batch;
