/** Plants in beds and pots. Nothing here is null. */
package potmellow.app.planting;
