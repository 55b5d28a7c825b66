/** QR codes, for labels, screens and terminals. Nothing here is null. */
package potmellow.app.qr;
