package potmellow.core.planning;

/**
 * How long one method takes at one place, for every day it could be set on. Days count from today.
 *
 * @param hopeful the day its brew can be used at the earliest, by the day it is set; {@link #NEVER} where it is too cold
 * @param emptied the day its vessel is free again
 * @param safe the day its brew can surely be used; never before the hopeful one, never falling
 * @param hoursLater how many hours after the morning it is set, so that it is ready in the morning
 */
record Timing(int[] hopeful, int[] emptied, int[] safe, int hoursLater) {
    static final int NEVER = Integer.MAX_VALUE / 4;

    boolean reaches(int start) {
        return start >= 0 && start < safe.length && safe[start] < NEVER;
    }

    /** The last day on which it can be set and surely be ready; −1 where that is over. */
    int latestSafe(int need) {
        return latest(safe, need);
    }

    /** The last day on which it can be set and be ready with luck; −1 where that is over. */
    int latestHopeful(int need) {
        return latest(hopeful, need);
    }

    private static int latest(int[] ready, int need) {
        int low = -1;
        int high = ready.length;
        while (high - low > 1) {
            int middle = (low + high) >>> 1;
            if (ready[middle] <= need) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** The first day after today from which on it gets too cold to be ready; −1 where it never does. */
    int tooColdFrom(int lastStart) {
        for (int start = 0; start < Math.min(lastStart, safe.length); start++) {
            if (safe[start] >= NEVER) {
                return start;
            }
        }
        return -1;
    }
}
