package fairember.app.sums;

import static fairember.app.web.Given.or;

import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.ovenload.Bake;
import fairember.core.ovenload.BakeKey;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import fairember.core.shape.Box;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * A stage bake of things alike.
 *
 * @param name its key when absent
 * @param heightMm that must be free above the tray
 * @param turns whether it may be turned by 90°; true when absent
 * @param mostMin the most it may be held; as long as may be when absent
 * @param least things of it in one load; 1 when absent
 * @param handsFromMin earliest moment its hands may begin; 0 when absent
 * @param handsMin minutes of the hands' task, without a break; 0 when absent
 * @param after bakes that must be done and cooled before its hands begin
 * @param dueMin when its last load should be out, before 0 when that is past; nobody waits when absent
 */
record PlanBakeForm(
        String key,
        @Nullable String name,
        int count,
        double widthMm,
        double depthMm,
        double heightMm,
        @Nullable Boolean turns,
        double lowC,
        double highC,
        double bakingMin,
        @Nullable Double mostMin,
        @Nullable Integer least,
        @Nullable Double handsFromMin,
        @Nullable Double handsMin,
        @Nullable List<WaitForm> after,
        @Nullable Double dueMin) {
    private static final double LONGEST = 1440;
    private static final Span SIDE = Span.of("", "side", 0.1, 1000, "mm");
    private static final Span BAKING_TIME = Span.of("", "baking time", 0, LONGEST, "min");
    private static final Span CELSIUS = Span.of("", "temperature", -40, 400, "°C");
    private static final Span TIME = Span.of("", "time", 0, 86_400, "min");
    private static final Span DUE = Span.of("", "due", -86_400, 86_400, "min");

    /** A bake that comes first, and the minutes it cools. */
    record WaitForm(String key, double coolingMin) {
        private Bake.Wait parse() {
            return new Bake.Wait(BakeKey.of(key), new Minutes(BAKING_TIME.check(coolingMin)));
        }
    }

    Bake parse() {
        Gathering g = new Gathering();
        g.at("", () -> Words.name("key", key));
        g.at("name", () -> Words.name("", or(name, key)));
        g.at("widthMm", () -> SIDE.check(widthMm));
        g.at("depthMm", () -> SIDE.check(depthMm));
        g.at("heightMm", () -> SIDE.check(heightMm));
        g.at("lowC", () -> CELSIUS.check(lowC));
        g.at("highC", () -> CELSIUS.check(highC));
        g.at("bakingMin", () -> BAKING_TIME.check(bakingMin));
        g.at("mostMin", () -> BAKING_TIME.check(or(mostMin, LONGEST)));
        g.at("handsFromMin", () -> TIME.check(or(handsFromMin, 0.0)));
        g.at("handsMin", () -> TIME.check(or(handsMin, 0.0)));
        g.at("dueMin", () -> DUE.check(or(dueMin, 0.0)));
        var waits = g.at(
                "after",
                () -> or(after, List.<WaitForm>of()).stream()
                        .map(WaitForm::parse)
                        .toList());
        g.orRefuse();
        Double due = dueMin;
        return new Bake(
                BakeKey.of(key),
                or(name, key),
                count,
                or(least, 1),
                new Box(new Length(widthMm), new Length(depthMm), new Length(heightMm)),
                or(turns, true),
                new Temperature(lowC),
                new Temperature(highC),
                new Minutes(bakingMin),
                new Minutes(or(mostMin, LONGEST)),
                new Bake.Hands(new Minutes(or(handsFromMin, 0.0)), new Minutes(or(handsMin, 0.0))),
                waits.orElseThrow(),
                due == null ? OptionalDouble.empty() : OptionalDouble.of(due));
    }
}
