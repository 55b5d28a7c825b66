/** The plan of a garden: goals, what was settled, the steps worked out from them, the calendar. Nothing here is null. */
package potmellow.app.plan;
