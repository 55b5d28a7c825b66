/** The gardener's own jars and buckets. Nothing here is null. */
package potmellow.app.vessel;
