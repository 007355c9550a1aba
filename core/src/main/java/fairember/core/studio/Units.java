package fairember.core.studio;

import fairember.core.document.Default;
import java.time.DayOfWeek;

/**
 * How the studio reads and types its figures; all that is kept and worked out stays in millimetres, grams, °C and millilitres.
 *
 * @param weekStart the day a week begins with
 */
public record Units(
        @Default("MM") LengthUnit length,
        @Default("G") MassUnit mass,
        @Default("CELSIUS") TemperatureUnit temperature,
        @Default("ML") VolumeUnit volume,
        @Default("MM") WireUnit wire,
        @Default("HOURS_24") ClockHours clock,
        @Default("MONDAY") DayOfWeek weekStart,
        @Default("DAY_FIRST") DateOrder dates,
        @Default("POINT") DecimalMark decimals) {
    /** Millimetres, grams, °C, the day from 0 to 24 o'clock. */
    public static final Units METRIC = new Units(
            LengthUnit.MM,
            MassUnit.G,
            TemperatureUnit.CELSIUS,
            VolumeUnit.ML,
            WireUnit.MM,
            ClockHours.HOURS_24,
            DayOfWeek.MONDAY,
            DateOrder.DAY_FIRST,
            DecimalMark.POINT);

    /** A choice with its words. */
    public interface Worded {
        String label();
    }

    /** Of lengths. */
    public enum LengthUnit implements Worded {
        MM("millimetres"),
        INCH("inches, decimal"),
        INCH_FRACTION("inches, in fractions");

        private final String label;

        LengthUnit(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** Of masses. */
    public enum MassUnit implements Worded {
        G("grams"),
        OUNCE("ounces");

        private final String label;

        MassUnit(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** Of temperatures. */
    public enum TemperatureUnit implements Worded {
        CELSIUS("°C"),
        FAHRENHEIT("°F");

        private final String label;

        TemperatureUnit(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** Of volumes. */
    public enum VolumeUnit implements Worded {
        ML("millilitres"),
        FLUID_OUNCE("fluid ounces");

        private final String label;

        VolumeUnit(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** Of the thickness of wire. */
    public enum WireUnit implements Worded {
        MM("by its thickness"),
        GAUGE("by gauge");

        private final String label;

        WireUnit(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** Of the time of day. */
    public enum ClockHours implements Worded {
        HOURS_24("24 hours"),
        HOURS_12("12 hours");

        private final String label;

        ClockHours(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** Of days. */
    public enum DateOrder implements Worded {
        DAY_FIRST("day, month, year"),
        MONTH_FIRST("month, day, year"),
        YEAR_FIRST("year, month, day");

        private final String label;

        DateOrder(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** Before tenths. */
    public enum DecimalMark implements Worded {
        POINT("1.5"),
        COMMA("1,5");

        private final String label;

        DecimalMark(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }
}
