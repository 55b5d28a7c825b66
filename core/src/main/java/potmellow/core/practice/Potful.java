package potmellow.core.practice;

/**
 * A pot as it is set.
 *
 * @param body what holds it
 * @param contents what is in it
 */
record Potful(Body body, Contents contents) {}
