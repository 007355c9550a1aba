package fairember.core.run;

import fairember.core.ovenload.Bake;
import fairember.core.piece.MeasuredStage;
import java.util.ArrayList;
import java.util.List;

/** The stage bakes that are left of some jobs. */
public final class RunBakes {
    private RunBakes() {}

    /** In the order of the jobs and their stages; each waits for the stage before it. */
    public static List<Bake> of(List<Job> jobs) {
        List<Bake> bakes = new ArrayList<>();
        for (Job job : jobs) {
            String before = null;
            List<MeasuredStage> stages = job.piece().stages();
            for (int i = 0; i < stages.size(); i++) {
                MeasuredStage stage = stages.get(i);
                int left = job.alive() * stage.unitsEach() - job.progress().bakedOrIn(i);
                if (left <= 0) {
                    continue;
                }
                bakes.add(new Bake(
                        job.bakeKey(i),
                        job.piece().piece().name() + ", " + stage.stage().name(),
                        left,
                        stage.unit(),
                        stage.need().window().low(),
                        stage.need().window().high(),
                        stage.need().hold(),
                        stage.need().most(),
                        before == null ? List.of() : List.of(before)));
                before = job.bakeKey(i);
            }
        }
        return bakes;
    }
}
