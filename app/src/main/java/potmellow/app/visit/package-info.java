/** What was done, sensed and read on visits to pots, as it is kept: only ever added to. */
package potmellow.app.visit;
