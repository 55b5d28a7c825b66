/** The daily round: what needs hands today, in walking order. Nothing here is null. */
package potmellow.app.round;
