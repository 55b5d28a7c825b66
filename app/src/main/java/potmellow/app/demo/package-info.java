/** The sample world. Nothing here is null. */
package potmellow.app.demo;
