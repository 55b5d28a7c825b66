/** How ripe a pot is and when it will be ready, from the warmth it stood in. Nothing here is null. */
package potmellow.core.ripening;
