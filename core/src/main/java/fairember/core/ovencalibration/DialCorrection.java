package fairember.core.ovencalibration;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What the oven is at a setting of the dial: straight between readings, and past the first and the last by as much off as there.
 * Several readings at one setting count as their mean.
 *
 * @param points settings and what the oven was at each, rising in both
 */
public record DialCorrection(List<DialReading> points) {
    static final int MOST = 40;
    /** Past the readings by more than this nobody has looked. */
    private static final double LOOKED_C = 10;

    /**
     * The correction of these readings.
     *
     * @throws InvalidInputException on "readings" when there is none, there are too many, or the oven was colder at a higher setting
     */
    public static DialCorrection of(List<DialReading> readings) {
        if (readings.isEmpty() || readings.size() > MOST) {
            throw new InvalidInputException(
                    "readings",
                    readings.size() + " readings",
                    "1 to " + MOST,
                    "Set the dial, wait until the heat has settled, then read the thermometer.");
        }
        TreeMap<Double, Double> means = readings.stream()
                .collect(Collectors.groupingBy(
                        DialReading::dialC, TreeMap::new, Collectors.averagingDouble(DialReading::readC)));
        List<DialReading> points = new ArrayList<>();
        means.forEach((dial, read) -> points.add(new DialReading(dial, read)));
        for (int i = 1; i < points.size(); i++) {
            DialReading before = points.get(i - 1);
            DialReading here = points.get(i);
            if (here.readC() <= before.readC()) {
                throw new InvalidInputException(
                        "readings",
                        Figures.show(here.readC(), "°C") + " at " + Figures.show(here.dialC(), "°C"),
                        "more than the " + Figures.show(before.readC(), "°C") + " at "
                                + Figures.show(before.dialC(), "°C"),
                        "Read one of the two again when the heat has settled.");
            }
        }
        return new DialCorrection(points);
    }

    public DialCorrection {
        points = List.copyOf(points);
    }

    /** °C of the oven when the dial is set so. */
    public double readAt(double dialC) {
        DialReading first = points.get(0);
        DialReading last = points.get(points.size() - 1);
        if (dialC <= first.dialC()) {
            return dialC + first.readC() - first.dialC();
        }
        for (int i = 1; i < points.size(); i++) {
            DialReading to = points.get(i);
            if (dialC <= to.dialC()) {
                DialReading from = points.get(i - 1);
                double share = (dialC - from.dialC()) / (to.dialC() - from.dialC());
                return from.readC() + share * (to.readC() - from.readC());
            }
        }
        return dialC + last.readC() - last.dialC();
    }

    /** Where to set the dial for a temperature; the other way round than {@link #readAt}. */
    public double settingFor(double wantedC) {
        return setting(wantedC).dialC();
    }

    /** Where to set the dial for a temperature, and the readings that say so. */
    public DialSetting setting(double wantedC) {
        DialReading first = points.get(0);
        DialReading last = points.get(points.size() - 1);
        if (wantedC <= first.readC() || wantedC > last.readC()) {
            DialReading end = wantedC <= first.readC() ? first : last;
            return new DialSetting(wantedC, end, null, wantedC + end.dialC() - end.readC());
        }
        int i = 1;
        while (wantedC > points.get(i).readC()) {
            i++;
        }
        DialReading from = points.get(i - 1);
        DialReading to = points.get(i);
        double share = (wantedC - from.readC()) / (to.readC() - from.readC());
        return new DialSetting(wantedC, from, to, from.dialC() + share * (to.dialC() - from.dialC()));
    }

    /** Whether a temperature lies so far past the readings that the setting is a guess. */
    public boolean beyond(double wantedC) {
        return wantedC < points.get(0).readC() - LOOKED_C
                || wantedC > points.get(points.size() - 1).readC() + LOOKED_C;
    }
}
