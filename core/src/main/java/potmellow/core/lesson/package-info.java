/**
 * Lessons with practice pots: what stands there, what was done to it, what it is like at an hour, and what came of it. A play is
 * worked out anew from what was done. Nothing here is null.
 */
package potmellow.core.lesson;
