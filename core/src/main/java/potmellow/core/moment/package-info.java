/** Moments of the past as people tell them: exactly, roughly, or not at all. Nothing here is null. */
package potmellow.core.moment;
