package fairember.core.balance;

import fairember.core.advice.Advice;
import fairember.core.design.Armature;
import fairember.core.design.Design;
import fairember.core.design.DesignKind;
import fairember.core.design.Drawn;
import fairember.core.design.Insert;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.Pin;
import fairember.core.design.Pose;
import fairember.core.input.Figures;
import fairember.core.quantity.Mass;
import fairember.core.shape.Point3;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Weighs a design and says how it stands, hangs or is worn. */
public final class Balancing {
    /** A design that hangs farther tilted than this is seen to. */
    private static final double TILTED_DEG = 5;

    private final MeasuredDesign measured;
    private final Design design;
    private final List<Advice> advice = new ArrayList<>();

    private Balancing(MeasuredDesign measured) {
        this.measured = measured;
        this.design = measured.design();
    }

    /** The balance of a design with its cores and, beside it, as if it were solid. */
    public static Balance balance(MeasuredDesign measured) {
        return new Balancing(measured).balance();
    }

    private Balance balance() {
        List<Weight> weights = WeightList.of(measured, part -> true);
        List<Weight> solid = WeightList.of(measured, part -> false);
        Mass mass = Weight.total(weights);
        Point3 centre = Weight.centre(weights);
        Point3 solidCentre = Weight.centre(solid);
        Standing standing = null;
        Standing solidStanding = null;
        List<Ballast> ballast = List.of();
        if (stands()) {
            Footprint footprint = Footprint.of(design.bodies());
            standing = Standing.of(footprint, centre);
            solidStanding = Standing.of(footprint, solidCentre);
            ballast = new Ballasting(measured, footprint, mass, centre).fixes();
            judge(standing);
        }
        return new Balance(
                weights,
                mass,
                centre,
                Weight.total(solid),
                solidCentre,
                standing,
                solidStanding,
                ballast,
                hanging(centre),
                topping(weights),
                wearing(mass),
                advice);
    }

    /** What hangs, is worn or sits on a stick need not stand. */
    private boolean stands() {
        Armature armature = design.armature();
        boolean onStick =
                design.kind() == DesignKind.TOPPER && !armature.inserts().isEmpty();
        return design.pose() == Pose.STANDS
                && armature.pin() == null
                && design.kind() != DesignKind.EARRINGS
                && !onStick;
    }

    private void judge(Standing standing) {
        double tip = standing.tipDeg();
        String leans = "%s can tilt %s° before it tips over; %s° is stable."
                .formatted(design.name(), tenth(tip), Figures.show(Standing.WELL_DEG));
        if (tip < 0) {
            advice.add(Advice.stop(
                    "falls",
                    "%s falls over: its centre of mass is %s mm outside its base."
                            .formatted(design.name(), tenth(-standing.insideMm())),
                    "Widen the base on that side, or move weight the other way.",
                    design.name()));
        } else if (tip < Standing.CARE_DEG) {
            advice.add(Advice.stop("tips", leans, "Leave its feet solid, or widen or weight the base.", design.name()));
        } else if (tip < Standing.WELL_DEG) {
            advice.add(
                    Advice.caution("tips", leans, "Stand it with care, or widen or weight the base.", design.name()));
        }
    }

    /** atan2(x_c − x_pin, z_pin − z_c); it turns over when the pin is not above the centre of mass. */
    private @Nullable Double hanging(Point3 centre) {
        Pin pin = design.armature().pin();
        if (pin == null) {
            return null;
        }
        double tilt = Math.toDegrees(Math.atan2(centre.acrossMm() - pin.acrossMm(), pin.upMm() - centre.upMm()));
        if (pin.upMm() <= centre.upMm()) {
            advice.add(Advice.stop(
                    "turns-over",
                    "%s turns over: its pin is at %s mm, below its centre of mass at %s mm."
                            .formatted(design.name(), tenth(pin.upMm()), tenth(centre.upMm())),
                    "Put the pin above the centre of mass.",
                    design.name()));
        } else if (Math.abs(tilt) > TILTED_DEG) {
            advice.add(Advice.caution(
                    "hangs-tilted",
                    "%s hangs tilted by %s°.".formatted(design.name(), tenth(Math.abs(tilt))),
                    "Put the pin %s mm from the middle, above the centre of mass.".formatted(tenth(centre.acrossMm())),
                    design.name()));
        }
        return tilt;
    }

    /** The stick is weighed too, whether it is baked in or put in later. */
    private @Nullable Double topping(List<Weight> weights) {
        List<Insert> inserts = design.armature().inserts();
        if (design.kind() != DesignKind.TOPPER || inserts.isEmpty()) {
            return null;
        }
        Insert stick = inserts.get(0);
        List<Weight> all = new ArrayList<>(weights);
        if (!stick.stays()) {
            all.add(WeightList.stick(stick));
        }
        double share =
                (Weight.centre(all).upMm() - stick.upMm()) / stick.length().mm();
        if (share > Balance.TOP_HEAVY) {
            advice.add(Advice.caution(
                    "top-heavy",
                    "%s is top-heavy: its centre of mass is at %s %% of the stick, above %s %%."
                            .formatted(
                                    design.name(),
                                    Figures.show((double) Math.round(share * 100)),
                                    Figures.show(Balance.TOP_HEAVY * 100)),
                    "Make the topper lighter, or set it lower on the stick.",
                    design.name()));
        }
        return share;
    }

    /** What one earring weighs; nothing for other designs, and while nobody said whether one is drawn or the pair. */
    private @Nullable Mass wearing(Mass mass) {
        if (design.kind() != DesignKind.EARRINGS) {
            return null;
        }
        if (design.drawn() == null) {
            advice.add(Advice.caution(
                    "earring-drawn",
                    "%s: is one earring drawn, or the pair? Without this, the weight of one earring is unknown."
                            .formatted(design.name()),
                    "Choose 'one of the pair' or 'the pair' beside the kind.",
                    design.name()));
            return null;
        }
        Mass each = design.drawn() == Drawn.PAIR ? mass.times(0.5) : mass;
        Wearing wearing = Wearing.of(each);
        if (wearing == Wearing.SHORT || wearing == Wearing.AVOID) {
            String message = "%s: %s g each is %s.".formatted(design.name(), tenth(each.g()), wearing.label());
            String fix = "Keep one earring under %s g: make it thinner, smaller or of a lighter clay."
                    .formatted(Figures.show(Wearing.USUAL.mostG()));
            advice.add(
                    wearing == Wearing.AVOID
                            ? Advice.stop("earring-heavy", message, fix, design.name())
                            : Advice.caution("earring-heavy", message, fix, design.name()));
        }
        return each;
    }

    private static String tenth(double value) {
        return Figures.show(Math.round(value * 10) / 10.0);
    }
}
