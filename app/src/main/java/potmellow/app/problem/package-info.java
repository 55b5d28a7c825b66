/** What can go wrong, told to the browser as RFC 9457 problem details in plain words. Nothing here is null. */
package potmellow.app.problem;
