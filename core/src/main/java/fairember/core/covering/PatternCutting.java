package fairember.core.covering;

import fairember.core.input.Span;
import fairember.core.shape.Block;
import fairember.core.shape.Cone;
import fairember.core.shape.Disc;
import fairember.core.shape.Frustum;
import fairember.core.shape.Outline;
import fairember.core.shape.Outline.Point;
import fairember.core.shape.Rod;
import fairember.core.shape.Solid;
import fairember.core.shape.Turned;
import java.util.ArrayList;
import java.util.List;

/**
 * Unrolls a layer into pieces of a sheet. Rods and cones unroll exactly; what is round both ways is cut in gores.
 *
 * <pre>
 * rod           rectangle π(d + t) × L
 * cut cone      ring sector: slant radii R·S/(R − r) and r·S/(R − r), angle 2π(R − r)/S, at radii larger by t·S/2h
 * round         n gores: at each place along the form 2πx/n wide
 * </pre>
 */
public final class PatternCutting {
    public static final Span GORES = Span.count("gores", "slices around (gores)", 3, 24);
    private static final int ARC = 48;
    private static final double FLAT_MM = 1e-6;

    private PatternCutting() {}

    /** The pieces for a layer; those for the ends too when it covers everything. None for a form that is not round about its axis. */
    public static List<PatternPiece> pieces(Covering covering, int gores) {
        GORES.check(gores);
        Solid solid = covering.form().solid();
        double t = covering.thick().mm();
        double s = covering.share().of1();
        boolean whole = s > 1 - 1e-9;
        if (solid instanceof Rod rod) {
            return side(
                    rectangle(
                            Math.PI * (rod.diameter().mm() + t) * s,
                            rod.length().mm()),
                    whole ? List.of(rod.diameter().mm(), rod.diameter().mm()) : List.of());
        }
        if (solid instanceof Disc disc) {
            return side(
                    rectangle(
                            Math.PI * (disc.diameter().mm() + t) * s,
                            disc.thickness().mm()),
                    whole ? List.of(disc.diameter().mm(), disc.diameter().mm()) : List.of());
        }
        if (solid instanceof Cone cone) {
            double bottom = cone.diameter().mm();
            return side(sector(bottom / 2, 0, cone.height().mm(), t, s), whole ? List.of(bottom) : List.of());
        }
        if (solid instanceof Frustum cut) {
            double bottom = cut.bottom().mm();
            double top = cut.top().mm();
            return side(sector(bottom / 2, top / 2, cut.height().mm(), t, s), whole ? List.of(bottom, top) : List.of());
        }
        if (solid instanceof Block block) {
            return whole ? faces(block) : List.of();
        }
        return solid instanceof Turned turned ? gores(turned.profile(), t, widest(turned), s, gores, whole) : List.of();
    }

    /**
     * The pieces for a layer all around a form from one height to another, shares of the form's height; the end it reaches too.
     * The layer's own share is not asked.
     */
    public static List<PatternPiece> pieces(Covering covering, int gores, double from, double to) {
        GORES.check(gores);
        Solid solid = covering.form().solid();
        double t = covering.thick().mm();
        double high = to - from;
        if (solid instanceof Rod rod) {
            return hoop(rod.diameter().mm(), rod.diameter().mm(), rod.length().mm(), t, from, to);
        }
        if (solid instanceof Disc disc) {
            return hoop(
                    disc.diameter().mm(), disc.diameter().mm(), disc.thickness().mm(), t, from, to);
        }
        if (solid instanceof Cone cone) {
            return hoop(cone.diameter().mm(), 0, cone.height().mm(), t, from, to);
        }
        if (solid instanceof Frustum cut) {
            return hoop(cut.bottom().mm(), cut.top().mm(), cut.height().mm(), t, from, to);
        }
        if (solid instanceof Block block) {
            double up = block.height().mm() * high;
            List<PatternPiece> pieces = new ArrayList<>(List.of(
                    new PatternPiece(
                            "front and back", 2, rectangle(block.width().mm(), up), 0),
                    new PatternPiece(
                            "left and right", 2, rectangle(block.depth().mm(), up), 0)));
            if (from <= 0 || to >= 1) {
                pieces.add(new PatternPiece(
                        "end", 1, rectangle(block.width().mm(), block.depth().mm()), 0));
            }
            return pieces;
        }
        return solid instanceof Turned turned
                ? gores(band(turned, from, to), t, widest(turned), 1, gores, from <= 0)
                : List.of();
    }

    /** A stretch of a rod, a cone or a cut cone, and its end where it reaches one. */
    private static List<PatternPiece> hoop(double bottom, double top, double high, double t, double from, double to) {
        double low = bottom + (top - bottom) * from;
        double up = bottom + (top - bottom) * to;
        List<PatternPiece> pieces = new ArrayList<>(
                List.of(new PatternPiece("side", 1, sector(low / 2, up / 2, high * (to - from), t, 1), 0)));
        double end = from <= 0 ? bottom : to >= 1 ? top : 0;
        if (end > 0) {
            pieces.add(new PatternPiece("end", 1, disc(end), 0));
        }
        return pieces;
    }

    /** The profile between two shares of its height, with its base where it begins there. */
    private static List<Point> band(Turned turned, double from, double to) {
        List<Point> profile = turned.profile();
        double top = profile.stream().mapToDouble(Point::upMm).max().orElse(0);
        List<Point> band = new ArrayList<>();
        for (int i = 0; i < profile.size(); i++) {
            Point here = profile.get(i);
            Point before = profile.get(Math.max(0, i - 1));
            for (double at : new double[] {top * from, top * to}) {
                if ((before.upMm() - at) * (here.upMm() - at) < 0) {
                    double part = (at - before.upMm()) / (here.upMm() - before.upMm());
                    band.add(new Point(before.acrossMm() + part * (here.acrossMm() - before.acrossMm()), at));
                }
            }
            if (here.upMm() >= top * from && here.upMm() <= top * to) {
                band.add(here);
            }
        }
        return band;
    }

    private static double widest(Turned turned) {
        return turned.profile().stream().mapToDouble(Point::acrossMm).max().orElse(0);
    }

    private static List<PatternPiece> side(Outline outline, List<Double> ends) {
        List<PatternPiece> pieces = new ArrayList<>(List.of(new PatternPiece("side", 1, outline, 0)));
        if (ends.size() == 2 && ends.get(0).equals(ends.get(1))) {
            pieces.add(new PatternPiece("end", 2, disc(ends.get(0)), 0));
        } else {
            ends.stream().filter(end -> end > 0).forEach(end -> pieces.add(new PatternPiece("end", 1, disc(end), 0)));
        }
        return pieces;
    }

    private static List<PatternPiece> faces(Block block) {
        double a = block.width().mm();
        double b = block.depth().mm();
        double c = block.height().mm();
        return List.of(
                new PatternPiece("front and back", 2, rectangle(a, c), 0),
                new PatternPiece("left and right", 2, rectangle(b, c), 0),
                new PatternPiece("top and bottom", 2, rectangle(a, b), 0));
    }

    private static Outline rectangle(double wide, double high) {
        return new Outline(List.of(new Point(0, 0), new Point(wide, 0), new Point(wide, high), new Point(0, high)));
    }

    private static Outline disc(double across) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < 2 * ARC; i++) {
            double angle = Math.PI * i / ARC;
            points.add(new Point(across / 2 * Math.cos(angle), across / 2 * Math.sin(angle)));
        }
        return new Outline(points);
    }

    /** The side of a cone or cut cone rolled out about its point. */
    private static Outline sector(double bottom, double top, double high, double t, double share) {
        double slant = Math.hypot(bottom - top, high);
        double out = t * slant / (2 * high);
        double wide = Math.max(bottom, top) + out;
        double narrow = Math.min(bottom, top) == 0 ? 0 : Math.min(bottom, top) + out;
        double less = wide - narrow;
        if (less < FLAT_MM) {
            return rectangle(2 * Math.PI * wide * share, slant);
        }
        double longer = Math.min(bottom, top) == 0 ? slant * wide / Math.max(bottom, top) : slant;
        double angle = 2 * Math.PI * less / longer * share;
        List<Point> points = new ArrayList<>(arc(wide * longer / less, angle, false));
        if (narrow > 0) {
            points.addAll(arc(narrow * longer / less, angle, true));
        } else {
            points.add(new Point(0, 0));
        }
        return new Outline(points);
    }

    private static List<Point> arc(double radius, double angle, boolean back) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= ARC; i++) {
            double at = angle * ((back ? ARC - i : i) / (double) ARC - 0.5);
            points.add(new Point(radius * Math.sin(at), radius * Math.cos(at)));
        }
        return points;
    }

    /** Gores of what is round about its axis; a flat base is an end. */
    private static List<PatternPiece> gores(
            List<Point> profile, double t, double widest, double share, int gores, boolean based) {
        double larger = 1 + t / (2 * widest);
        List<Point> right = new ArrayList<>();
        double along = 0;
        double edge = 0;
        double foot = 0;
        for (int i = 0; i < profile.size(); i++) {
            Point here = profile.get(i);
            Point before = profile.get(Math.max(0, i - 1));
            if (here.upMm() < FLAT_MM && before.upMm() < FLAT_MM && i > 0) {
                foot = 2 * here.acrossMm();
                right.clear();
            }
            double step = right.isEmpty()
                    ? 0
                    : Math.hypot(here.acrossMm() - before.acrossMm(), here.upMm() - before.upMm()) * larger;
            double half = Math.PI * here.acrossMm() * larger / gores;
            if (!right.isEmpty()) {
                edge += Math.hypot(step, half - right.get(right.size() - 1).acrossMm());
            }
            along += step;
            right.add(new Point(half, along));
        }
        List<Point> outline = new ArrayList<>(right);
        for (int i = right.size() - 1; i >= 0; i--) {
            outline.add(new Point(-right.get(i).acrossMm(), right.get(i).upMm()));
        }
        List<PatternPiece> pieces = new ArrayList<>();
        pieces.add(new PatternPiece(
                "gore", (int) Math.ceil(gores * share - 1e-9), new Outline(outline), edge / along - 1));
        if (based && foot > 0) {
            pieces.add(new PatternPiece("base", 1, disc(foot), 0));
        }
        return pieces;
    }
}
