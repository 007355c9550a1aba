package fairember.app.codec;

import fairember.core.colour.Srgb;
import fairember.core.quantity.Density;
import fairember.core.quantity.Energy;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import fairember.core.quantity.Temperature;
import fairember.core.quantity.Volume;
import fairember.core.wire.Gauge;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A value type in one unit: the field's name ends in the unit, its value is the bare number or text.
 *
 * @param type the value type
 * @param unit end of the field's name
 * @param json the kind of the bare value: double, long or String
 * @param of makes a value of a bare one
 * @param bare what a value is in the unit
 */
record Quantity(Class<?> type, String unit, Class<?> json, Function<Object, Object> of, Function<Object, Object> bare) {
    /** The first of a type is in its usual unit. */
    private static final List<Quantity> ALL = List.of(
            number(Length.class, "Mm", 1, Length::new, Length::mm),
            number(Length.class, "M", 1000, Length::new, Length::mm),
            number(Length.class, "Um", 0.001, Length::new, Length::mm),
            number(Mass.class, "G", 1, Mass::new, Mass::g),
            number(Minutes.class, "Min", 1, Minutes::new, Minutes::min),
            number(Minutes.class, "H", 60, Minutes::new, Minutes::min),
            number(Temperature.class, "C", 1, Temperature::new, Temperature::c),
            number(Density.class, "GPerCm3", 1, Density::new, Density::gPerCm3),
            number(Energy.class, "Kwh", 1, Energy::new, Energy::kwh),
            number(Share.class, "Percent", 0.01, Share::new, Share::of1),
            number(Volume.class, "Mm3", 1, Volume::new, Volume::mm3),
            number(Gauge.class, "Mm", 1, Gauge::new, Gauge::mm),
            new Quantity(Money.class, "Minor", long.class, v -> new Money((long) v), v -> ((Money) v).minor()),
            new Quantity(Srgb.class, "Hex", String.class, v -> Srgb.parse("", (String) v), v -> ((Srgb) v).hex()));

    private static final MathContext EXACT = new MathContext(12);

    /** The quantity of a type in a unit, the usual one when none is named; none when the type is no quantity. */
    static @Nullable Quantity of(Class<?> type, @Nullable String unit) {
        return ALL.stream()
                .filter(q -> q.type == type && (unit == null || q.unit.equals(unit)))
                .findFirst()
                .orElse(null);
    }

    private interface Make<T> {
        T of(double value);
    }

    private static <T> Quantity number(
            Class<T> type, String unit, double factor, Make<T> make, Function<T, Double> value) {
        return new Quantity(
                type,
                unit,
                double.class,
                bare -> make.of((double) bare * factor),
                whole -> factor == 1 ? value.apply(type.cast(whole)) : rounded(value.apply(type.cast(whole)) / factor));
    }

    /** Without what converting to and fro leaves in the last figures. */
    private static double rounded(double value) {
        return new BigDecimal(value).round(EXACT).doubleValue();
    }
}
