package fairember.core.batch;

import fairember.core.claysheet.WorkedClay;
import fairember.core.mix.MixWaste;
import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How the grams to mix of a mix come about. */
public final class MixNeedWorkings {
    private MixNeedWorkings() {}

    public static Workings of(BatchNeeds.MixNeed need) {
        MixWaste waste = need.waste();
        Workings.Steps steps = Workings.of("Grams of " + need.scaled().mix().name() + " to mix")
                .given("n", "in pieces", need.net().g(), "g", Source.WORKED)
                .given("o", "into other mixes", need.intoOthers().g(), "g", Source.WORKED);
        WorkedClay.Made made = need.made();
        String cut = made == null ? "" : " + c";
        if (made != null) {
            steps.given("c", "cut off or left behind", made.wasted().g(), "g", Source.WORKED);
        }
        if (need.net().g() == 0) {
            return steps.worked("m", "to mix", need.toMix().g(), "g", "n + o" + cut)
                    .done();
        }
        Source known = waste.learned() ? Source.LEARNED : Source.ENTERED;
        return steps.given("w", "stays on hands and tools", waste.hands().of1(), "", known)
                .given("r", "stays in the machine", waste.machine().g(), "g", Source.ENTERED)
                .worked("m", "to mix", need.toMix().g(), "g", "n·(1 + w) + r + o" + cut)
                .done();
    }
}
