/** Finished brew in store, with its ledger. Nothing here is null. */
package potmellow.app.bottle;
