/** Acts that count once, however often they are sent. Nothing here is null. */
package potmellow.app.once;
