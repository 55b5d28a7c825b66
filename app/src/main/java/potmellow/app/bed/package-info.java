/** What plantings got and showed, and what they could get next. Nothing here is null. */
package potmellow.app.bed;
