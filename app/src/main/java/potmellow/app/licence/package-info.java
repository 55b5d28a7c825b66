/** What others made and Pot Mellow ships, with their licences. */
package potmellow.app.licence;
