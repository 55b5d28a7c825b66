/** How a gardener's finished pots went: their own times and yields. Nothing here is null. */
package potmellow.app.history;
