/** Who asks: somebody at the machine itself, or a person whose device was let in. Nothing here is null. */
package potmellow.app.caller;
