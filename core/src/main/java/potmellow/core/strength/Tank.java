package potmellow.core.strength;

import java.util.List;
import potmellow.core.measure.Volume;

/**
 * Several brews in one water: W = V/(1 + Σ1/Nᵢ), each brew W/Nᵢ.
 *
 * @param water the water to start with
 * @param brews how much of each brew, in the order given
 */
public record Tank(Volume water, List<Volume> brews) {
    public Tank {
        brews = List.copyOf(brews);
    }

    /**
     * Fills a tank.
     *
     * @param finished the whole volume of the tank
     * @param strengths each brew's strength against the same water, none of them neat
     */
    public static Tank of(Volume finished, List<Ratio> strengths) {
        double sum = strengths.stream().mapToDouble(ratio -> 1 / ratio.water()).sum();
        Volume water = finished.times(1 / (1 + sum));
        return new Tank(
                water,
                strengths.stream().map(ratio -> water.times(1 / ratio.water())).toList());
    }
}
