/** Plants as far as feeding them needs it: crops, their appetite, soil and stages. Nothing here is null. */
package potmellow.core.planting;
