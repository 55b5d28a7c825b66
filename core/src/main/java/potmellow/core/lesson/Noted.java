package potmellow.core.lesson;

import java.util.Map;
import java.util.Optional;

/**
 * What was noted at a visit.
 *
 * @param hour when
 * @param signs ids of what was sensed, by sense
 * @param ph what the meter read
 * @param celsius what the thermometer read
 */
public record Noted(double hour, Map<String, String> signs, Optional<Double> ph, Optional<Double> celsius) {}
