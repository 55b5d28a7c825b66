/** Pictures of pots, drawn anew so that nothing but the picture is left in them. Nothing here is null. */
package potmellow.app.photo;
