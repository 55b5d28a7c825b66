/** What people write into their notebooks: fed, watered, seen, bottled, set. */
package potmellow.core.notebook;
