/** What a pot wants from hands, and when. Nothing here is null. */
package potmellow.core.care;
