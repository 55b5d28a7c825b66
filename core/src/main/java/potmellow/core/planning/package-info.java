/** Planning backward: what to start when, where and in which vessel, so that it is there when it is wanted. Nothing here is null. */
package potmellow.core.planning;
