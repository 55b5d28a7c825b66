/** The bench: the sums behind the craft as small instruments, each usable alone. Nothing here is null. */
package potmellow.core.bench;
