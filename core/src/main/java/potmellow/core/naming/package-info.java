/** Names that people give to things. Nothing here is null. */
package potmellow.core.naming;
