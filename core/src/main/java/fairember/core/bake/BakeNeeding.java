package fairember.core.bake;

import fairember.core.finding.Finding;
import fairember.core.measure.Figures;
import fairember.core.measure.Length;
import fairember.core.measure.Minutes;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Works out what a stage bake needs. */
public final class BakeNeeding {
    /** Where fewer of a hold's minutes count than this share of it, it is said. */
    private static final double ENOUGH_SHARE = 1 / 3.0;

    private BakeNeeding() {}

    /**
     * The need of one stage bake.
     *
     * <pre>
     * packet     hold = max(least, rate·T/6)
     * long hold  hold = max(long hold, packet)
     * short set, paint  hold = the studio's set
     * </pre>
     *
     * @param about name of the piece and stage, for the findings
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
        double hold = switch (kind) {
            case SET, PAINT -> rules.set().min();
            case CURE ->
                rules.school() == School.LONG_HOLD ? Math.max(rules.longHold().min(), packet) : packet;
        };
        return new BakeNeed(
                kind,
                rules,
                window,
                thickest,
                bySection,
                new Minutes(hold),
                Optional.empty(),
                Optional.empty(),
                window.most(),
                reason(window, thickest, bySection, kind, rules, packet),
                findings(about, window, hold));
    }

    /** Clay that dries in the air: no oven, but hours by its section. */
    private static BakeNeed dries(
            String about, SharedWindow window, Length thickest, StageKind kind, BakeRules rules, Minutes drying) {
        Minutes per6Mm = window.dries().orElseThrow();
        String reason =
                "Dries in the air: %s mm at %s per 6 mm. Turn it over half way; damp weather takes twice as long."
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
                window.most(),
                reason,
                findings(about, window, 0));
    }

    /**
     * The same need, as far as heat has a say in it.
     *
     * <pre>planned = max(hold, 1.15·t₅ + 10)     t₅ until the middle is within 5 °C of the oven</pre>
     *
     * @param slowest name of the part whose middle is hot last
     * @param near t₅
     * @param planned minutes that would do
     * @param counting minutes of the hold in which all of that part is hot enough
     */
    public static BakeNeed heated(
            BakeNeed need, String about, String slowest, Minutes near, Minutes planned, Minutes counting) {
        double hold = need.hold().min();
        if (planned.min() <= hold + 0.5) {
            return need;
        }
        if (need.rules().byHeat()) {
            String reason = "By the heat: the middle of %s needs %s; by the packet alone it would be %s."
                    .formatted(slowest, show(planned.min()), show(hold));
            return need.held(planned, Optional.of(near), reason, tooLong(about, need.window(), planned.min()));
        }
        if (counting.min() >= hold * ENOUGH_SHARE) {
            return need;
        }
        String says = "%s: of its %s only %s count, because the middle of %s is not hot before."
                .formatted(about, show(hold), show(counting.min()), slowest);
        String mend = "Bake it %s, or have the studio bake by the heat; the packet and the safety sheet decide."
                .formatted(show(planned.min()));
        Finding advice = counting.min() < 1
                ? Finding.breaks("heat-none", says, mend, about)
                : Finding.warns("heat-short", says, mend, about);
        return need.held(need.hold(), Optional.empty(), need.reason(), List.of(advice));
    }

    private static List<Finding> tooLong(String about, SharedWindow window, double hold) {
        if (hold <= window.most().min()) {
            return List.of();
        }
        return List.of(Finding.warns(
                "hold-long",
                "%s: %s is over the %s the packet allows in one bake."
                        .formatted(about, show(hold), show(window.most().min())),
                "Give thick parts a core, or bake in stages; the hold is not shortened.",
                about));
    }

    private static String hours(Minutes minutes) {
        return Figures.show(Math.round(minutes.min() / 6) / 10.0, "h");
    }

    private static String reason(
            SharedWindow window, Length thickest, Minutes bySection, StageKind kind, BakeRules rules, double packet) {
        if (kind == StageKind.SET) {
            return "A short set of %s; a full cure follows."
                    .formatted(show(rules.set().min()));
        }
        if (kind == StageKind.PAINT) {
            return "%s at the low end of the window to set the paint; the clay is cured before."
                    .formatted(show(rules.set().min()));
        }
        if (thickest.mm() == 0) {
            return "Nothing in it is raw: the packet's least of " + show(packet) + ".";
        }
        String section = "%s mm at %s per 6 mm is %s"
                .formatted(
                        Figures.show(Math.round(thickest.mm() * 10) / 10.0),
                        show(window.per6Mm().min()),
                        show(bySection.min()));
        String byPacket =
                packet > bySection.min() ? section + ", raised to the packet's least of " + show(packet) : section;
        if (rules.school() != School.LONG_HOLD) {
            String school = rules.school() == School.STAGED ? "Staged, one full cure by the packet: " : "Packet: ";
            return school + byPacket + ".";
        }
        return packet > rules.longHold().min()
                ? "Long hold of %s is short of the packet: %s."
                        .formatted(show(rules.longHold().min()), byPacket)
                : "Long hold: %s at the low end of the window (packet: %s)."
                        .formatted(show(rules.longHold().min()), byPacket);
    }

    private static List<Finding> findings(String about, SharedWindow window, double hold) {
        List<Finding> findings = new ArrayList<>();
        if (!window.meets()
                && !window.closedByInsert()
                && !window.mixed()
                && window.dries().isEmpty()) {
            findings.add(Finding.breaks(
                    "windows-apart",
                    "%s: its clays have no temperature in common; one needs %s °C or more, another %s °C or less."
                            .formatted(
                                    about,
                                    Figures.show(window.low().c()),
                                    Figures.show(window.high().c())),
                    "Use clays of one line in this piece, or bake the parts apart and join them cured.",
                    about));
        }
        if (window.mixed()) {
            findings.add(Finding.breaks(
                    "air-and-oven",
                    "%s: some of its clay dries in the air and some is baked.".formatted(about),
                    "Make it of one kind, or join the two when each is done.",
                    about));
        }
        findings.addAll(tooLong(about, window, hold));
        return findings;
    }

    private static String show(double minutes) {
        return Figures.show(Math.round(minutes * 10) / 10.0, "min");
    }
}
