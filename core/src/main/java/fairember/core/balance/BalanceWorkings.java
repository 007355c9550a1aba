package fairember.core.balance;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How the centre of mass and the angle at which a design tips come about. */
public final class BalanceWorkings {
    private BalanceWorkings() {}

    public static Workings of(Balance balance) {
        double across = moment(balance, 0);
        double front = moment(balance, 1);
        double up = moment(balance, 2);
        Workings.Steps steps = Workings.of("Balance");
        steps.given("M", "all weights", balance.mass().g(), "g", Source.WORKED);
        steps.given("X", "sum of weight times position across", across, "g·mm", Source.WORKED);
        steps.given("Y", "sum of weight times position to the front", front, "g·mm", Source.WORKED);
        steps.given("Z", "sum of weight times height", up, "g·mm", Source.WORKED);
        steps.worked("x", "centre of mass, across", across / balance.mass().g(), "mm", "X/M");
        steps.worked("y", "centre of mass, to the front", front / balance.mass().g(), "mm", "Y/M");
        steps.worked("z", "centre of mass, height", up / balance.mass().g(), "mm", "Z/M");
        Standing standing = balance.standing();
        if (standing != null) {
            steps.given("e", "distance inside the edge of the base", standing.insideMm(), "mm", Source.WORKED);
            steps.given("h", "height above the ground", standing.aboveMm(), "mm", Source.WORKED);
            steps.worked("T", "tilt before it tips", standing.tipDeg(), "°", "atan(e/h)·180/π");
        }
        return steps.done();
    }

    private static double moment(Balance balance, int axis) {
        return balance.weights().stream()
                .mapToDouble(weight -> weight.mass().g()
                        * switch (axis) {
                            case 0 -> weight.at().acrossMm();
                            case 1 -> weight.at().frontMm();
                            default -> weight.at().upMm();
                        })
                .sum();
    }
}
