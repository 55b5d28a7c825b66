package potmellow.app.find;

import java.util.Optional;

/**
 * Something that was found.
 *
 * @param kind what it is
 * @param id its id there
 * @param code the code on it; left out where there is none
 * @param name what it is called
 * @param words what else tells it from others of that name
 */
record Found(Kind kind, String id, Optional<String> code, String name, String words) {
    enum Kind {
        POT,
        BOTTLE,
        PLANTING,
        METHOD,
        CROP
    }
}
