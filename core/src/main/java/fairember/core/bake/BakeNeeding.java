package fairember.core.bake;

import fairember.core.finding.Finding;
import fairember.core.measure.Figures;
import fairember.core.measure.Length;
import fairember.core.measure.Minutes;
import java.util.ArrayList;
import java.util.List;

/** Works out what a stage bake needs. */
public final class BakeNeeding {
    private BakeNeeding() {}

    /**
     * The need of one stage bake.
     *
     * <pre>
     * packet     hold = max(least, rate·T/6)
     * long hold  hold = max(long hold, packet)
     * short set  hold = the studio's set
     * </pre>
     *
     * @param about name of the piece and stage, for the findings
     * @param thickest T of all clay that is in it
     */
    public static BakeNeed need(String about, SharedWindow window, Length thickest, StageKind kind, BakeRules rules) {
        Minutes bySection = window.per6Mm().times(thickest.mm() / 6);
        double packet = Math.max(window.least().min(), bySection.min());
        double hold = switch (kind) {
            case SET -> rules.set().min();
            case CURE ->
                rules.school() == School.PACKET
                        ? packet
                        : Math.max(rules.longHold().min(), packet);
        };
        double most = Math.max(window.most().min(), hold);
        return new BakeNeed(
                kind,
                rules,
                window,
                thickest,
                bySection,
                new Minutes(hold),
                new Minutes(most),
                reason(window, thickest, bySection, kind, rules, packet),
                findings(about, window, hold));
    }

    private static String reason(
            SharedWindow window, Length thickest, Minutes bySection, StageKind kind, BakeRules rules, double packet) {
        if (kind == StageKind.SET) {
            return "A short set of %s; a full cure follows."
                    .formatted(show(rules.set().min()));
        }
        String section = "%s mm at %s per 6 mm is %s"
                .formatted(
                        Figures.show(Math.round(thickest.mm() * 10) / 10.0),
                        show(window.per6Mm().min()),
                        show(bySection.min()));
        String byPacket =
                packet > bySection.min() ? section + ", raised to the packet's least of " + show(packet) : section;
        if (rules.school() == School.PACKET) {
            return "Packet: " + byPacket + ".";
        }
        return packet > rules.longHold().min()
                ? "Long hold of %s is short of the packet: %s."
                        .formatted(show(rules.longHold().min()), byPacket)
                : "Long hold: %s at the low end of the window (packet: %s)."
                        .formatted(show(rules.longHold().min()), byPacket);
    }

    private static List<Finding> findings(String about, SharedWindow window, double hold) {
        List<Finding> findings = new ArrayList<>();
        if (!window.meets()) {
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
