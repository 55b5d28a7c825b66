package potmellow.core.practice;

/**
 * Something that whoever passes by would notice.
 *
 * @param hour when
 * @param what it is
 */
public record Happening(double hour, What what) {
    /** What can be noticed. */
    public enum What {
        BUBBLES_BEGIN("The first bubbles rise."),
        BUBBLES_STOP("The bubbles have nearly stopped."),
        STINK_BEGINS("It begins to stink."),
        STINK_GOES("The stink has gone."),
        FILM_SHOWS("A white film lies on top."),
        MOULD_SHOWS("Coloured mould shows on top."),
        LID_BULGES("The lid bulges."),
        BURSTS("The lid gives way with a bang."),
        CURD_PARTS("Curd floats over a clear serum."),
        THREADS_BEGIN("White threads begin."),
        WEB_THROUGH("A white web runs right through it."),
        FOAM("A gentle foam stands on it."),
        TOO_HOT("It is hotter than 49 °C inside."),
        QUIETLY_SOUR("It smells sour.");

        private final String words;

        What(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
