/** What a screen shows of pots: the page of one, the axis of all, today's stops, and what may be asked of them. */
package potmellow.app.potpage;
