/** The home network: at which addresses, under which name and with which certificate the garden answers there. Nothing here is null. */
package potmellow.app.home;
