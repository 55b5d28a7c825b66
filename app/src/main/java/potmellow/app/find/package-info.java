/** Looking for something by its name, code or kind, from anywhere: pots, bottles, plantings, methods, crops. */
package potmellow.app.find;
