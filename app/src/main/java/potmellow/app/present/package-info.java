/** What is true now, in rows of its own: made of the histories, and checked against them. */
package potmellow.app.present;
