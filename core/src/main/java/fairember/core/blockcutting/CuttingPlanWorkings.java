package fairember.core.blockcutting;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;
import java.util.ArrayList;
import java.util.List;

/** How what is left over of a cutting plan comes about. */
public final class CuttingPlanWorkings {
    private CuttingPlanWorkings() {}

    /**
     * The sticks that are opened, what is cut from them, and the rest.
     *
     * @param unit of the sizes, such as "g"
     * @param sticks where their sizes came from
     * @param wants where the sizes and counts came from
     */
    public static Workings of(CuttingPlan plan, String unit, Source sticks, Source wants) {
        Workings.Steps steps = Workings.of("What is left over");
        List<String> cut = new ArrayList<>();
        List<String> whole = new ArrayList<>();
        int piece = 0;
        for (int i = 0; i < plan.opened().size(); i++) {
            CuttingPlan.Opened opened = plan.opened().get(i);
            String stick = "s" + (i + 1);
            steps.given(stick, opened.stick().name(), opened.stick().size(), unit, sticks);
            whole.add(stick);
            for (Want want : opened.groups()) {
                piece++;
                steps.given("w" + piece, want.name(), want.size(), unit, wants)
                        .given("n" + piece, "of them", want.count(), "", wants);
                cut.add("n%d·w%d".formatted(piece, piece));
            }
        }
        return steps.worked("O", "cut open", opened(plan), unit, sum(whole))
                .worked("P", "in pieces", opened(plan) - plan.leftOver(), unit, sum(cut))
                .worked("L", "left over", plan.leftOver(), unit, "O − P")
                .done();
    }

    /** All of them added up; nothing is 0. */
    private static String sum(List<String> terms) {
        return terms.isEmpty() ? "0" : String.join(" + ", terms);
    }

    private static double opened(CuttingPlan plan) {
        return plan.opened().stream().mapToDouble(o -> o.stick().size()).sum();
    }
}
