/** When something that comes in was said: just now, or earlier on a phone that had no connection. */
package potmellow.app.said;
