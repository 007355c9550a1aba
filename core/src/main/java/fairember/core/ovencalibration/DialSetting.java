package fairember.core.ovencalibration;

import org.jspecify.annotations.Nullable;

/**
 * Where the dial goes for a temperature.
 *
 * @param wantedC the temperature
 * @param below the reading at or under it, or the first when it lies under all
 * @param above the next reading; null past the first and the last, where the oven is taken to be as far off as there
 * @param dialC where the dial goes
 */
public record DialSetting(
        double wantedC, DialReading below, @Nullable DialReading above, double dialC) {}
