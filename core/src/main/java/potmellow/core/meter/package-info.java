/** Instruments: what they read, what readings can be believed, and a stand-in that reads simulated pots. Nothing here is null. */
package potmellow.core.meter;
