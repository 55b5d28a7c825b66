/** Who may talk to the application: this machine's browsers, from its own pages. Nothing here is null. */
package potmellow.app.access;
