/** Vessels, their lids, the gas that a ferment gives off, and whether it all fits. Nothing here is null. */
package potmellow.core.vessel;
