package fairember.core.balance;

import fairember.core.finding.Finding;
import fairember.core.measure.Figures;
import fairember.core.measure.Mass;
import fairember.core.piece.Armature;
import fairember.core.piece.Drawn;
import fairember.core.piece.Insert;
import fairember.core.piece.MeasuredPart;
import fairember.core.piece.MeasuredPiece;
import fairember.core.piece.Piece;
import fairember.core.piece.PieceKind;
import fairember.core.piece.Pin;
import fairember.core.piece.Pose;
import fairember.core.shape.Point3;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Weighs a piece and tells how it stands, hangs or is worn. */
public final class Balancing {
    /** A piece that hangs farther aslant than this is seen to. */
    private static final double ASLANT_DEG = 5;

    private final MeasuredPiece measured;
    private final Piece piece;
    private final List<Finding> findings = new ArrayList<>();

    private Balancing(MeasuredPiece measured) {
        this.measured = measured;
        this.piece = measured.piece();
    }

    /** The balance of a piece with its cores and, beside it, as if it were solid. */
    public static Balance balance(MeasuredPiece measured) {
        return new Balancing(measured).balance();
    }

    private Balance balance() {
        List<Weight> weights = Weighing.of(measured, part -> true);
        List<Weight> solid = Weighing.of(measured, part -> false);
        Mass mass = Weight.total(weights);
        Point3 centre = Weight.centre(weights);
        Point3 solidCentre = Weight.centre(solid);
        Standing standing = null;
        Standing solidStanding = null;
        List<Ballast> ballast = List.of();
        if (stands()) {
            Footprint footprint = Footprint.of(
                    measured.parts().stream().map(MeasuredPart::part).toList());
            standing = Standing.of(footprint, centre);
            solidStanding = Standing.of(footprint, solidCentre);
            ballast = new Ballasting(measured, footprint, mass, centre).mends();
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
                findings);
    }

    /** What hangs, is worn or sits on a stick need not stand. */
    private boolean stands() {
        Armature armature = piece.armature();
        boolean onStick =
                piece.kind() == PieceKind.TOPPER && !armature.inserts().isEmpty();
        return piece.pose() == Pose.STANDS && armature.pin() == null && piece.kind() != PieceKind.EARRINGS && !onStick;
    }

    private void judge(Standing standing) {
        double tip = standing.tipDeg();
        String leans = "%s can lean %s° before it tips; %s° stands well."
                .formatted(piece.name(), tenth(tip), Figures.show(Standing.WELL_DEG));
        if (tip < 0) {
            findings.add(Finding.breaks(
                    "falls",
                    "%s falls over: its centre of mass lies %s mm outside its foot."
                            .formatted(piece.name(), tenth(-standing.insideMm())),
                    "Widen the foot on that side, or move weight the other way.",
                    piece.name()));
        } else if (tip < Standing.CARE_DEG) {
            findings.add(Finding.breaks(
                    "tips", leans, "Mend it: leave its feet solid, or widen or weight the base.", piece.name()));
        } else if (tip < Standing.WELL_DEG) {
            findings.add(
                    Finding.warns("tips", leans, "Stand it with care, or widen or weight the base.", piece.name()));
        }
    }

    /** atan2(x_c − x_pin, z_pin − z_c); it turns over when the pin is not above the centre of mass. */
    private @Nullable Double hanging(Point3 centre) {
        Pin pin = piece.armature().pin();
        if (pin == null) {
            return null;
        }
        double tilt = Math.toDegrees(Math.atan2(centre.acrossMm() - pin.acrossMm(), pin.upMm() - centre.upMm()));
        if (pin.upMm() <= centre.upMm()) {
            findings.add(Finding.breaks(
                    "turns-over",
                    "%s turns over: its pin is at %s mm, its centre of mass at %s mm."
                            .formatted(piece.name(), tenth(pin.upMm()), tenth(centre.upMm())),
                    "Put the pin higher than the centre of mass.",
                    piece.name()));
        } else if (Math.abs(tilt) > ASLANT_DEG) {
            findings.add(Finding.warns(
                    "hangs-aslant",
                    "%s hangs %s° aslant.".formatted(piece.name(), tenth(Math.abs(tilt))),
                    "Put the pin %s mm from the middle, over the centre of mass.".formatted(tenth(centre.acrossMm())),
                    piece.name()));
        }
        return tilt;
    }

    /** The stick is weighed too, whether it is baked in or put in later. */
    private @Nullable Double topping(List<Weight> weights) {
        List<Insert> inserts = piece.armature().inserts();
        if (piece.kind() != PieceKind.TOPPER || inserts.isEmpty()) {
            return null;
        }
        Insert stick = inserts.get(0);
        List<Weight> all = new ArrayList<>(weights);
        if (!stick.stays()) {
            all.add(Weighing.stick(stick));
        }
        double share =
                (Weight.centre(all).upMm() - stick.upMm()) / stick.length().mm();
        if (share > Balance.TOP_HEAVY) {
            findings.add(Finding.warns(
                    "top-heavy",
                    "%s is top-heavy: its centre of mass is at %s %% of the stick, over %s %%."
                            .formatted(
                                    piece.name(),
                                    Figures.show((double) Math.round(share * 100)),
                                    Figures.show(Balance.TOP_HEAVY * 100)),
                    "Make the topper lighter, or sit it lower on the stick.",
                    piece.name()));
        }
        return share;
    }

    /** What one earring weighs; nothing for other pieces, and while nobody said whether one is drawn or the pair. */
    private @Nullable Mass wearing(Mass mass) {
        if (piece.kind() != PieceKind.EARRINGS) {
            return null;
        }
        if (piece.drawn() == null) {
            findings.add(Finding.warns(
                    "earring-drawn",
                    "%s: nobody said whether one earring is drawn or the pair, so what one weighs is not known."
                            .formatted(piece.name()),
                    "Say it beside its kind.",
                    piece.name()));
            return null;
        }
        Mass each = piece.drawn() == Drawn.PAIR ? mass.times(0.5) : mass;
        Wearing wearing = Wearing.of(each);
        if (wearing == Wearing.SHORT || wearing == Wearing.AVOID) {
            String says = "%s: %s g each is %s.".formatted(piece.name(), tenth(each.g()), wearing.label());
            String mend = "Keep one under %s g: thinner, smaller or of a lighter clay."
                    .formatted(Figures.show(Wearing.USUAL.mostG()));
            findings.add(
                    wearing == Wearing.AVOID
                            ? Finding.breaks("earring-heavy", says, mend, piece.name())
                            : Finding.warns("earring-heavy", says, mend, piece.name()));
        }
        return each;
    }

    private static String tenth(double value) {
        return Figures.show(Math.round(value * 10) / 10.0);
    }
}
