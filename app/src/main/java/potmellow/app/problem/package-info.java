/** What can go wrong, told to the browser as RFC 9457 problem details in plain words. */
@NonNullApi
package potmellow.app.problem;

import org.springframework.lang.NonNullApi;
