/** The application: Pot Mellow's features over HTTP and MariaDB. All rules of the craft are in the core. Nothing here is null. */
package potmellow.app;
