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
     * @param thickest T of all clay that is in it
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
        double most = Math.max(window.most().min(), hold);
        return new BakeNeed(
                kind,
                rules,
                window,
                thickest,
                bySection,
                new Minutes(hold),
                Optional.empty(),
                new Minutes(most),
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
                Optional.of(drying),
                window.most(),
                reason,
                findings(about, window, 0));
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
        if (!window.meets() && !window.mixed() && window.dries().isEmpty()) {
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
        if (hold > window.most().min()) {
            findings.add(Finding.warns(
                    "hold-long",
                    "%s: %s is over the %s the packet allows in one bake."
                            .formatted(about, show(hold), show(window.most().min())),
                    "Give thick parts a core, or bake in stages; the hold is not shortened.",
                    about));
        }
        return findings;
    }

    private static String show(double minutes) {
        return Figures.show(Math.round(minutes * 10) / 10.0, "min");
    }
}
