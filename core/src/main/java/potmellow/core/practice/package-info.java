/**
 * A pot that is worked out instead of watched: what lives in it, what it eats and makes, and what of that a person can sense. It knows
 * nothing of forecasts and judgements, so that these can be held against it. Nothing here is null.
 */
package potmellow.core.practice;
