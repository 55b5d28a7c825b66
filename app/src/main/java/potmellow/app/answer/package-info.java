/** How answers of the core travel to the browser: the value, its words in both unit systems, and the whole working. Nothing here is null. */
package potmellow.app.answer;
