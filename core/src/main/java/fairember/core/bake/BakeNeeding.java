package fairember.core.bake;

import fairember.core.advice.Advice;
import fairember.core.input.Figures;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Works out what a stage bake needs. */
public final class BakeNeeding {
    /** Where fewer of a bake's minutes count than this share of it, it is said. */
    private static final double ENOUGH_SHARE = 1 / 3.0;

    private BakeNeeding() {}

    /**
     * The need of one stage bake.
     *
     * <pre>
     * packet            time = max(least, rate·T/6)
     * long and low      time = max(long and low, packet)
     * part-bake         time = the studio's part-bake
     * paint             time = the studio's time that sets paint
     * </pre>
     *
     * @param about name of the design and stage, for the advice
     * @param window temperatures that suit all that is in it
     * @param thickest T of all clay in it that is not cured yet; 0 when there is none
     */
    public static BakeNeed need(String about, SharedWindow window, Length thickest, StageKind kind, BakeRules rules) {
        Optional<Minutes> drying = window.dries().map(air -> air.times(thickest.mm() / 6));
        if (drying.isPresent()) {
            return dries(about, window, thickest, kind, rules, drying.get());
        }
        Minutes bySection = window.per6Mm().times(thickest.mm() / 6);
        double packet = Math.max(window.least().min(), bySection.min());
        double bakingTime = switch (kind) {
            case PART_BAKE -> rules.set().min();
            case PAINT -> rules.paint().min();
            case FULL_BAKE ->
                rules.bakingMethod() == BakingMethod.LONG_AND_LOW
                        ? Math.max(rules.longAndLow().min(), packet)
                        : packet;
        };
        return new BakeNeed(
                kind,
                rules,
                window,
                thickest,
                bySection,
                new Minutes(bakingTime),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                window.most(),
                reason(window, thickest, bySection, kind, rules, packet),
                advice(about, window, bakingTime));
    }

    /** Clay that dries in the air: no oven, but hours by its section. */
    private static BakeNeed dries(
            String about, SharedWindow window, Length thickest, StageKind kind, BakeRules rules, Minutes drying) {
        Minutes per6Mm = window.dries().orElseThrow();
        String reason =
                "Dries in the air: %s mm at %s per 6 mm. Turn the piece over halfway. Damp weather doubles the time."
                        .formatted(Figures.show(Math.round(thickest.mm() * 10) / 10.0), hours(per6Mm));
        return new BakeNeed(
                kind,
                rules,
                window,
                thickest,
                drying,
                Minutes.ZERO,
                Optional.empty(),
                Optional.of(drying),
                Optional.empty(),
                window.most(),
                reason,
                advice(about, window, 0));
    }

    /**
     * The same need, as far as heat has a say in it.
     *
     * <pre>planned = max(time, 1.15·t₅ + 10)     t₅ until the middle is within 5 °C of the oven</pre>
     *
     * @param slowest name of the part whose middle is hot last
     * @param near t₅
     * @param planned minutes that would do
     * @param counting minutes of the baking time in which all of that part is hot enough
     */
    public static BakeNeed heated(
            BakeNeed need, String about, String slowest, Minutes near, Minutes planned, Minutes counting) {
        double bakingTime = need.bakingTime().min();
        if (planned.min() <= bakingTime + 0.5) {
            return need;
        }
        if (need.rules().byHeat() && need.own().isEmpty()) {
            String reason = "The middle of %s heats up slowly, so this bake takes %s; the packet alone asks for %s."
                    .formatted(slowest, show(planned.min()), show(bakingTime));
            return need.withBakingTime(
                    planned, Optional.of(near), reason, tooLong(about, need.window(), planned.min()));
        }
        if (counting.min() >= bakingTime * ENOUGH_SHARE) {
            return need;
        }
        String message = "%s: of %s, only %s count, because the middle of %s heats up slowly."
                .formatted(about, show(bakingTime), show(counting.min()), slowest);
        String fix =
                "Bake it %s, or choose 'bake longer when heat needs more time' in Settings. The packet and the safety sheet decide."
                        .formatted(show(planned.min()));
        Advice advice = counting.min() < 1
                ? Advice.stop("heat-none", message, fix, about)
                : Advice.caution("heat-short", message, fix, about);
        return need.withBakingTime(need.bakingTime(), Optional.empty(), need.reason(), List.of(advice));
    }

    /**
     * The same need by the maker's own figures, as far as the packet allows them; what it does not allow is not followed, and
     * that is said. Paint on cured clay may be set cooler than the clay cures.
     *
     * @param about name of the design and stage, for the advice
     */
    public static BakeNeed own(BakeNeed need, String about, OwnBake own) {
        if (need.drying().isPresent()) {
            return need;
        }
        List<Advice> refused = new ArrayList<>();
        SharedWindow window = need.window();
        double lowC = need.kind() == StageKind.PAINT
                ? OwnBake.TEMP.low()
                : window.low().c();
        Temperature temp = own.temp();
        boolean hot =
                temp == null || (temp.c() >= lowC && temp.c() <= window.high().c());
        if (temp != null && !hot) {
            refused.add(outside(
                    about,
                    Figures.show(temp.c(), "°C"),
                    Figures.show(lowC) + " to " + Figures.show(window.high().c(), "°C")));
        }
        Minutes minutes = own.baking();
        double least = need.kind() == StageKind.FULL_BAKE
                ? Math.max(window.least().min(), need.bySection().min())
                : OwnBake.BAKING.low();
        double most = Math.max(least, need.most().min());
        boolean timed = minutes == null || (minutes.min() >= least && minutes.min() <= most);
        if (minutes != null && !timed) {
            refused.add(outside(
                    about, show(minutes.min()), Figures.show(Math.round(least * 10) / 10.0) + " to " + show(most)));
        }
        boolean followed = (temp != null && hot) || (minutes != null && timed);
        BakeNeed by = !followed
                ? need
                : need.by(
                        own,
                        temp != null && hot ? window.at(temp) : window,
                        minutes != null && timed ? minutes : need.bakingTime(),
                        "Your own figures%s. Fair Ember worked out %s at %s to %s."
                                .formatted(
                                        own.why().isBlank() ? "" : ": " + own.why(),
                                        show(need.bakingTime().min()),
                                        Figures.show(window.low().c()),
                                        Figures.show(window.high().c(), "°C")));
        return by.withBakingTime(by.bakingTime(), by.near(), by.reason(), refused);
    }

    private static Advice outside(String about, String found, String allowed) {
        return Advice.stop(
                "own-outside",
                "%s: your own figure of %s is outside what the packet allows, so it is not used."
                        .formatted(about, found),
                "Enter %s, or remove your own figures.".formatted(allowed),
                about);
    }

    private static List<Advice> tooLong(String about, SharedWindow window, double bakingTime) {
        if (bakingTime <= window.most().min()) {
            return List.of();
        }
        return List.of(Advice.caution(
                "hold-long",
                "%s: %s is over the %s the packet allows in one bake."
                        .formatted(about, show(bakingTime), show(window.most().min())),
                "Give thick parts a core, or bake in stages. The baking time is not shortened.",
                about));
    }

    private static String hours(Minutes minutes) {
        return Figures.show(Math.round(minutes.min() / 6) / 10.0, "h");
    }

    private static String reason(
            SharedWindow window, Length thickest, Minutes bySection, StageKind kind, BakeRules rules, double packet) {
        if (kind == StageKind.PART_BAKE) {
            return "A part-bake of %s; a full bake follows."
                    .formatted(show(rules.set().min()));
        }
        if (kind == StageKind.PAINT) {
            return "%s at the low end of the window to set the paint; the clay is already cured."
                    .formatted(show(rules.paint().min()));
        }
        if (thickest.mm() == 0) {
            return "Nothing in this bake is raw: the packet's least of " + show(packet) + ".";
        }
        String section = "%s mm at %s per 6 mm is %s"
                .formatted(
                        Figures.show(Math.round(thickest.mm() * 10) / 10.0),
                        show(window.per6Mm().min()),
                        show(bySection.min()));
        String byPacket =
                packet > bySection.min() ? section + ", raised to the packet's least of " + show(packet) : section;
        if (rules.bakingMethod() != BakingMethod.LONG_AND_LOW) {
            String bakingMethod = rules.bakingMethod() == BakingMethod.STAGED
                    ? "In stages, with one full bake by the packet: "
                    : "By the packet: ";
            return bakingMethod + byPacket + ".";
        }
        return packet > rules.longAndLow().min()
                ? "Long and low at %s is less than the packet asks: %s."
                        .formatted(show(rules.longAndLow().min()), byPacket)
                : "Long and low: %s at the low end of the window (packet: %s)."
                        .formatted(show(rules.longAndLow().min()), byPacket);
    }

    private static List<Advice> advice(String about, SharedWindow window, double bakingTime) {
        List<Advice> advice = new ArrayList<>();
        if (!window.meets()
                && !window.closedByInsert()
                && !window.mixed()
                && window.dries().isEmpty()) {
            advice.add(Advice.stop(
                    "windows-apart",
                    "%s: no temperature suits all its clays. One needs %s °C or more, another %s °C or less."
                            .formatted(
                                    about,
                                    Figures.show(window.low().c()),
                                    Figures.show(window.high().c())),
                    "Use clays of one range in this design, or bake the parts separately and join them cured.",
                    about));
        }
        if (window.mixed()) {
            advice.add(Advice.stop(
                    "air-and-oven",
                    "%s: some of its clay air-dries and some is baked.".formatted(about),
                    "Use one kind of clay, or join the two kinds when each is done.",
                    about));
        }
        advice.addAll(tooLong(about, window, bakingTime));
        return advice;
    }

    private static String show(double minutes) {
        return Figures.show(Math.round(minutes * 10) / 10.0, "min");
    }
}
