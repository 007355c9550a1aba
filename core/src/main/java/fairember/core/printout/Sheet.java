package fairember.core.printout;

import java.util.List;

/**
 * One page at true size; all places from its top left corner, down the page, mm.
 *
 * @param widthMm of the paper
 * @param heightMm of the paper
 * @param marks on it
 */
public record Sheet(double widthMm, double heightMm, List<Mark> marks) {
    public Sheet {
        marks = List.copyOf(marks);
    }

    /** Something drawn on a page. */
    public sealed interface Mark permits Circle, Bar, Path, Text, Picture {}

    /** A circle to hold a ball against. */
    public record Circle(double acrossMm, double downMm, double diameterMm) implements Mark {}

    /** A bar to hold a cord against: its left upper corner, its length and thickness. */
    public record Bar(double acrossMm, double downMm, double lengthMm, double thickMm) implements Mark {}

    /** A line of a thickness through corners: across, down, across, down ... */
    public record Path(List<Double> corners, double thickMm) implements Mark {
        public Path {
            corners = List.copyOf(corners);
        }
    }

    /** Words, their base line beginning here. */
    public record Text(double acrossMm, double downMm, double heightMm, String words) implements Mark {}

    /** A picture that is kept, by its number: its left upper corner and its size, and how plainly it is seen, 0 to 1. */
    public record Picture(long id, double acrossMm, double downMm, double wideMm, double highMm, double strength)
            implements Mark {}
}
