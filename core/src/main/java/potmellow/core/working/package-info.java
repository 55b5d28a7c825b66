/**
 * How an answer was worked out: the value, its steps with their figures, how far each can be trusted, and where it comes
 * from. Every computation of the core returns a {@link potmellow.core.working.Working}. Nothing here is null.
 */
package potmellow.core.working;
