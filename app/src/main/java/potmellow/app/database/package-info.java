/** The private database server, and how instants lie in its columns. */
@NonNullApi
package potmellow.app.database;

import org.springframework.lang.NonNullApi;
