/** How answers of the core travel to the browser: the value, its words in both unit systems, and the whole working. */
@NonNullApi
package potmellow.app.answer;

import org.springframework.lang.NonNullApi;
